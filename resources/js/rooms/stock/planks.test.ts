import { describe, expect, it } from 'vitest';
import { ceiling, lengths, plankWhy, plankWords, waterWords } from './planks';
import { aPlank, aRow } from '@/shared/testing/buyingAnswers';

describe('planks', () => {
  it('reach up to a little over the water, never beyond the longest', () => {
    expect(ceiling(aRow(aPlank('a', 20), aPlank('b', 500)))).toBe(48);
    expect(ceiling(aRow(aPlank('a', 20), aPlank('b', 30)))).toBe(30);
    expect(ceiling(aRow(aPlank('a', 0), aPlank('b', 500)))).toBe(10);
    expect(ceiling(aRow(aPlank('a', 0)))).toBe(1);
  });

  it('are torn off where they are longer than the picture', () => {
    expect(lengths(aPlank('a', 48), 48)).toEqual({ free: 1, promised: 0, ordered: 0, torn: false });
    expect(lengths(aPlank('a', 49), 48)).toMatchObject({ free: 1, torn: true });
  });

  it('stand on what is free, then what runs will take, then what is ordered', () => {
    const plank = aPlank('a', 5, { onHandKits: 10, laterKits: 15 });
    expect(lengths(plank, 20)).toEqual({ free: 0.25, promised: 0.25, ordered: 0.25, torn: false });
    expect(lengths(aPlank('a', 5, { onHandKits: 10, laterKits: 7 }), 20).ordered).toBe(0);
  });

  it('say what is the shortest, and where their length comes from', () => {
    expect(waterWords(aRow(aPlank('5V1', 14), aPlank('b', 20)))).toBe(
      '14 kits can be packed today: 5V1 is the shortest.',
    );
    expect(waterWords(aRow(aPlank('a', 1), aPlank('b', 1)))).toBe('1 kit can be packed today: a, b are the shortest.');
    expect(waterWords(aRow(...['a', 'b', 'c', 'd'].map((name) => aPlank(name, 0))))).toBe(
      '0 kits can be packed today: 4 parts end there.',
    );
    expect(plankWords(aPlank('5V1', 14, { laterKits: 20 }))).toBe(
      '5V1, 5V1: for 14 kits, 20 once the orders have come',
    );
    expect(plankWhy(aPlank('5V1', 14, { promised: 2, onOrder: 6, laterKits: 20 })).map(([what]) => what)).toEqual([
      'one kit takes',
      'on hand, not on hold',
      'runs that are begun still take',
      'so today it reaches for',
      'ordered and not come',
      'then it reaches for',
    ]);
  });
});
