import { describe, expect, it } from 'vitest';
import { handful, weighingRows, weighingText } from './weighings';

describe('weighings', () => {
  it.each([
    ['commas', 'R1, 10, 2.12', ['R1', '10', '2.12']],
    ['tabs from a sheet', 'R1\t10\t2.12', ['R1', '10', '2.12']],
    ['semicolons and a decimal comma', '330 Ω;10;2,12', ['330 Ω', '10', '2.12']],
    ['a value with a space and a unit behind', '47uF 25V  5  2.74 g', ['47uF 25V', '5', '2.74']],
    ['a whole bag', 'bag:A, 1, 6.03', ['bag:A', '1', '6.03']],
  ])('reads %s', (_, text, row) => {
    expect(weighingRows(text)).toEqual({ rows: [row], wrong: null });
  });
  it('takes no weighing of nothing', () => {
    expect(weighingRows('R1, 0, 2.12').rows).toEqual([]);
    expect(weighingRows('R1, 10, 0.00').wrong).toContain('Row 1');
  });
  it('names the first row that is none and keeps the others', () => {
    const { rows, wrong } = weighingRows('part,pieces,grams\nR1,10,2.12\nR1 ten\n\nR2,5');
    expect(rows).toEqual([['R1', '10', '2.12']]);
    expect(wrong).toContain('Row 3, "R1 ten"');
  });
  it('says how many kits a handful is for', () => {
    expect([0, 1, 12, 50].map(handful)).toEqual(['count by hand', '1 kit', '12 kits', '50 or more kits']);
  });
  it('writes what it reads', () => {
    const text = weighingText([
      { part: 'R1', pieces: 10, grams: 2.12 },
      { part: 'bag:A', pieces: 1, grams: 6 },
    ]);
    expect(weighingRows(text).rows).toEqual([
      ['R1', '10', '2.12'],
      ['bag:A', '1', '6'],
    ]);
  });
});
