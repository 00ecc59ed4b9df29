import { describe, expect, it } from 'vitest';
import { barPieces, kitsWanted } from './cuts';

describe('a cut sheet', () => {
  it.each([
    ['20', '2', 22],
    ['', '', 1],
    ['twenty', '0', 1],
    ['99999', '9', 5000],
  ])('cuts for %s kits and %s to spare', (kits, spare, wanted) => {
    expect(kitsWanted(kits, spare)).toBe(wanted);
  });
  it('draws like pieces as one stretch', () => {
    expect(barPieces([7, 7, 4, 4, 4])).toEqual([
      { length: 7, count: 2, at: 0 },
      { length: 4, count: 3, at: 2 },
    ]);
    expect(barPieces([])).toEqual([]);
  });
});
