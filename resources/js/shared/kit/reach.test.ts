import { describe, expect, it } from 'vitest';
import type { KitReach } from '@/shared/api';
import { A_REACH } from '@/shared/testing/buyingAnswers';
import { isDue, orderByWords, packableWords, reachWhy, soldOutWords } from './reach';

const REACH: KitReach = { ...A_REACH, kitId: 3 };

describe('how long kits last', () => {
  it('is told in days', () => {
    expect(packableWords(REACH)).toBe('parts for 6');
    expect(packableWords({ ...REACH, coming: 12 })).toBe('12 to pack, parts for 6');
    expect(packableWords({ ...REACH, later: 40 })).toBe('parts for 6, 40 once orders have come');
    expect(soldOutWords(REACH)).toBe('sold out Thu 10 Dec to Thu 7 Jan');
    expect(soldOutWords({ ...REACH, free: -2 })).toBe('2 more ordered than there are');
    expect(soldOutWords({ ...REACH, free: 0 })).toBe('none is free');
    expect(soldOutWords({ ...REACH, soldOut: null })).toBe('');
  });

  it('names the last day, or now where it is past', () => {
    expect([orderByWords(REACH, '2026-12-03'), isDue(REACH, '2026-12-03')]).toEqual([
      'order 5 V, relay by Fri 4 Dec',
      false,
    ]);
    expect([orderByWords(REACH, '2026-12-04'), isDue(REACH, '2026-12-04')]).toEqual(['order 5 V, relay now', true]);
    expect([orderByWords({ ...REACH, orderBy: null }, '2026-12-04'), isDue({ ...REACH, orderBy: null }, 'x')]).toEqual([
      '',
      false,
    ]);
  });

  it('says what it rests on and what nobody knows', () => {
    expect(reachWhy(REACH)).toBe(
      '5 V, relay ends first. 36 ordered in 12 weeks. 18 kits lie there or can be packed until 5 V, relay ends; one time in twenty they are sold by Thu 17 Dec. Fenland Parts takes 10 days, packing 3.',
    );
    expect(reachWhy({ ...REACH, limit: null, soldOut: null, orderBy: null, unknownLead: 1 })).toBe(
      'Nobody has ordered it yet, so no day can be named. Of one part no supplier says how long it takes.',
    );
  });
});
