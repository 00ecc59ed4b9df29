import { describe, expect, it } from 'vitest';
import type { LotStop } from '@/shared/api';
import { consequences } from './model';

const SHEET: LotStop = {
  lotId: 7,
  name: '26-118',
  title: '5 V, relay',
  onHand: 24,
  held: false,
  shelf: [
    { serial: 'HS-A-00098-1', kit: 'Halt Signal', entry: 'packed', sure: true },
    { serial: 'HS-A-00099-0', kit: 'Halt Signal', entry: 'allocated', sure: true },
  ],
  shipped: 47,
  customers: 9,
  unreached: [],
  subject: '',
  letter: '',
  stop: null,
};

describe('what stopping a lot does', () => {
  it('says what happens to pieces, kits in the shop and kits that are out', () => {
    expect(consequences(SHEET)).toEqual([
      '24 pieces on the shelf will be on hold: the packing bench refuses them.',
      '2 kits in the shop will be held and not sold. 1 kit of them is set aside; the order waits for others then.',
      '47 kits with it have left the shop, to 9 customers with a mail address.',
    ]);
  });

  it('says so where there is nothing, and whom no letter reaches', () => {
    const none = consequences({
      ...SHEET,
      onHand: 0,
      shelf: [],
      shipped: 1,
      customers: 0,
      unreached: ['HS-A-00001-3'],
    });
    expect(none.slice(1)).toEqual([
      'No kit in the shop has pieces of it.',
      '1 kit with it has left the shop, to 0 customers with a mail address. Nobody can be written to for HS-A-00001-3.',
    ]);
    expect(consequences({ ...SHEET, shipped: 0 })[2]).toBe('No kit with it has left the shop.');
  });
});
