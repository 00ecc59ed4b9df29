// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Bags } from '@/stations/bags';
import { Bench } from '@/stations/bench';
import { Board } from '@/stations/board';
import { Facts } from '@/stations/facts';
import { Faults } from '@/stations/faults';
import { Manual } from '@/stations/manual';
import { Marks } from '@/stations/marks';
import { Order } from '@/stations/order';
import { Parts } from '@/stations/parts';
import { Pilot } from '@/stations/pilot';
import { headerOf, kitAnswers } from '@/shared/testing/answers';
import { aKit } from '@/shared/testing/kit';
import { unmountAll } from '@/shared/testing/mount';
import { enter, goOffline, read, refuse, serve } from '@/shared/testing/server';

const STATIONS = [
  { name: 'Parts', Station: Parts, full: /R1 R2.*10.kΩ/, bare: /0 lines, 0 parts.*No line yet\. Drop a parts list/ },
  { name: 'Board', Station: Board, full: /8 places on the board/, bare: /Drop a placement file/ },
  { name: 'Order', Station: Order, full: /Signal diode.*D1.*On the table/, bare: /no part to solder yet/ },
  { name: 'Marks', Station: Marks, full: /have a direction.*D1/, bare: /Nothing in this kit has a direction/ },
  { name: 'Bags', Station: Bags, full: /\d bags/, bare: /No part to bag yet/ },
  { name: 'Bench', Station: Bench, full: /rail.*4\.8 to 5\.2/, bare: /No test yet\. A reading after each stage/ },
  { name: 'Manual', Station: Manual, full: /Build it.*D1/, bare: /0 steps, 0 joints/ },
  { name: 'Faults', Station: Faults, full: /No rate yet.*What was wrong/, bare: /No rate yet/ },
  {
    name: 'Facts',
    Station: Facts,
    full: /What the kit is called.*What powers the kit/,
    bare: /What the kit is called.*No part has a place yet/,
  },
  { name: 'Pilot', Station: Pilot, full: /Pilot build 1 step 1 of/, bare: /There is no step to build yet/ },
];

describe.each(STATIONS)('the station $name', ({ Station, full, bare }) => {
  const shown = async (which: 'full' | 'bare') =>
    read(await enter(aKit({ header: headerOf(which) }).around(<Station />), '/kits/3/station'));
  beforeEach(() => {
    localStorage.clear();
  });
  afterEach(() => {
    unmountAll();
    vi.unstubAllGlobals();
  });

  it('shows what the core says of the kit', async () => {
    serve(kitAnswers('full'));
    expect(await shown('full')).toMatch(full);
  });

  it('says what to do first on a kit without a line', async () => {
    serve(kitAnswers('bare'));
    expect(await shown('bare')).toMatch(bare);
  });

  it('says why it may not be seen', async () => {
    refuse(403, 'Your account may not see this kit.');
    expect(await shown('full')).toContain('Your account may not see this kit.');
  });

  it('says that the line is gone, and that nothing is lost', async () => {
    goOffline();
    expect(await shown('full')).toContain('The server cannot be reached. What you typed is kept');
  });
});
