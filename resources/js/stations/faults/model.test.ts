import { describe, expect, it } from 'vitest';
import type { CauseSaving, Mended } from '@/shared/api';
import { causesAt, lotOf, saved, turned, used, whySaved, whyStopped } from './model';

const CAUSE: CauseSaving = {
  name: 'D1 reversed',
  cause: 'reversed',
  part: 'D1',
  kits: 2,
  of: 190,
  each: '0.11',
  low: '0.03',
  high: '0.38',
  shipping: 90,
  calls: 0.95,
  total: '9.47',
};
const SAVINGS = { report: '10.00', minutes: '20', currency: 'EUR', ordered: 91, weeks: 13, causes: [CAUSE] };
const SIDE = { kits: 60, reported: 2, low: 0.01, high: 0.11 };
const MENDED: Mended = {
  id: 1,
  name: 'D1 reversed',
  part: 'D1',
  place: 'callout',
  on: '2026-07-10',
  by: 'Gwen',
  revision: null,
  before: SIDE,
  after: { kits: 10, reported: 0, low: 0, high: 0.28 },
  young: 0,
  chance: 0.73,
  turn: 'open',
  missing: 61,
};

describe('what mending saves', () => {
  it('names the kits, the money and the reports that it keeps away', () => {
    expect(saved(CAUSE, SAVINGS)).toBe(
      '2 kits of 190: 0.11 EUR a kit, between 0.03 and 0.38. ' +
        'Mended, it saves about 9.47 EUR in 90 days: 0.9 reports of 90 kits.',
    );
  });

  it('shows the numbers behind it', () => {
    expect(whySaved(CAUSE, SAVINGS)).toBe(
      '2 of 190 kits × 10.00 EUR a report, of which 20 minutes are work (Price, support); 91 kits ordered in 13 weeks.',
    );
  });

  it('says so where nobody ordered lately', () => {
    expect(saved({ ...CAUSE, shipping: 0 }, SAVINGS)).toContain('what mending it saves is not known');
  });

  it('finds a swapped pair at either of its places', () => {
    const pair = { ...CAUSE, part: 'R3 and R5' };
    expect(causesAt([CAUSE, pair], 'R5')).toEqual([pair]);
    expect(causesAt([CAUSE, pair], 'R')).toEqual([]);
  });
});

describe('whether it helped', () => {
  it('says how many kits more would show it', () => {
    expect(turned(MENDED)).toBe('Too few kits to say: 61 more kits without a report would show it.');
    expect(turned({ ...MENDED, missing: null, young: 1 })).toBe(
      'Too few kits to say, and not soon. 1 younger kit are not counted yet.'.replace('kit are', 'kit is'),
    );
  });

  it('says that it fell or rose', () => {
    expect(turned({ ...MENDED, turn: 'fell', chance: 0.0133 })).toBe(
      '■ It helped: by accident it would come out so in 1.3 %.',
    );
    expect(turned({ ...MENDED, turn: 'rose' })).toContain('more of them than before');
  });
});

describe('how builders used an answer', () => {
  it('says nothing before anybody opened it', () => {
    expect(used({ shown: 0, helped: 0, kept: 0 })).toBe('');
    expect(used({ shown: 1, helped: 0, kept: 0 })).toBe('opened in 1 kit, helped nobody yet');
    expect(used({ shown: 8, helped: 6, kept: 6 })).toBe('opened in 8 kits, helped 6, none wrote afterwards');
    expect(used({ shown: 8, helped: 6, kept: 5 })).toBe('opened in 8 kits, helped 6, 5 of them never wrote');
  });
});

describe('the lot of an alarm', () => {
  const lots = [
    { name: '5 V, relay, 26-118', lotId: 7 },
    { name: '10k, resistor, 26-118', lotId: 8 },
  ];

  it('is found by its name and by a cause in it', () => {
    expect(lotOf(lots, '5 V, relay, 26-118')).toBe(7);
    expect(lotOf(lots, 'K1 faulty in 10k, resistor, 26-118')).toBe(8);
    expect(lotOf(lots, 'run 6')).toBe(null);
  });

  it('is stopped with the reason that the alarm gives', () => {
    expect(whyStopped({ value: 'K1 faulty in 5 V, relay, 26-118', reported: 5, kits: 32 })).toBe(
      'K1 faulty in 5 of 32 kits',
    );
    expect(whyStopped({ value: '5 V, relay, 26-118', reported: 6, kits: 32 })).toBe('6 of 32 kits');
  });
});
