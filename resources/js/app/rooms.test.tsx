// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LibraryRoom } from '@/rooms/library';
import { Packing } from '@/rooms/packing';
import { Reports } from '@/rooms/reports';
import { OrdersView, PriceView, Sales } from '@/rooms/sales';
import { Shelf } from '@/rooms/shelf';
import { ShopRoom } from '@/rooms/shop';
import { BuyingView, KitsView, PartsView, Stock } from '@/rooms/stock';
import { SHOP } from '@/shared/testing/answers';
import { unmountAll } from '@/shared/testing/mount';
import { enter, goOffline, read, refuse, serve } from '@/shared/testing/server';

const ROOMS = [
  { name: 'Shelf', Room: Shelf, full: /Frost Bell.*47.*parts/, bare: /Drop .*parts list/i },
  { name: 'Library', Room: LibraryRoom, full: /LM393, DIP-8/, bare: /No parts yet\. Drop a parts list/ },
  {
    name: 'Stock',
    Room: Stock,
    full: /14 kits can be packed today: 5V1 is the shortest\./,
    bare: /No kit yet/,
  },
  {
    name: 'Buying',
    Room: BuyingView,
    full: /5\.00 EUR.*nothing is cheaper.*Reedwire.*rubber feet.*so there is needed/,
    bare: /No kit yet/,
  },
  {
    name: 'Parts in stock',
    Room: () => <PartsView mayMove />,
    full: /10k, Axial 1\/4W.*26-340.*reads 100k.*in the bin|in the bin.*reads 100k/,
    bare: /No part yet/,
  },
  {
    name: 'Kits in stock',
    Room: () => <KitsView mayPack />,
    full: /pack 8 more.*FB-A-00001-K/,
    bare: /No kits yet.*Nothing packed yet/,
  },
  { name: 'Packing', Room: Packing, full: /Frost Bell/, bare: /release/i },
  { name: 'Sales', Room: Sales, full: /1 to ship.*SB-1028.*Elin Skarp/, bare: /Nothing is to ship/ },
  {
    name: 'Orders',
    Room: OrdersView,
    full: /SB-1028.*Elin Skarp/,
    bare: /No orders yet\. Type one in, or drop a CSV/,
  },
  { name: 'Price', Room: PriceView, full: /costs 14\.50 EUR.*price 25\.43.*support/, bare: /No kit yet/ },
  {
    name: 'Shop',
    Room: ShopRoom,
    full: /Saltmarsh Bench.*kits\.saltmarsh\.example\/b/,
    bare: /your name.*No public address/,
  },
  { name: 'Reports', Room: Reports, full: /The trimmer does nothing/, bare: /open, 0/ },
];

describe.each(ROOMS)('the room $name', ({ Room, full, bare }) => {
  beforeEach(() => {
    localStorage.clear();
  });
  afterEach(() => {
    unmountAll();
    vi.unstubAllGlobals();
  });

  it('shows what it is for', async () => {
    serve(SHOP.full);
    expect(read(await enter(<Room />))).toMatch(full);
  });

  it('says what to do first where there is nothing yet', async () => {
    serve(SHOP.bare);
    expect(read(await enter(<Room />))).toMatch(bare);
  });

  it('says why it may not be seen', async () => {
    refuse(403, 'Your account may not see this room.');
    expect(read(await enter(<Room />))).toContain('Your account may not see this room.');
  });

  it('says that the line is gone, and that nothing is lost', async () => {
    goOffline();
    expect(read(await enter(<Room />))).toContain('The server cannot be reached. What you typed is kept');
  });
});
