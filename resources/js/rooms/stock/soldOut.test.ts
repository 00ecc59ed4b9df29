import { expect, test } from 'vitest';
import { soldOut, whySoldOut } from './soldOut';

const OUT = { earliest: '2026-12-20', middle: '2027-01-10', latest: '2027-02-02', ordered: 34, weeks: 12 };

test.each([
  ['nobody ordered', null, ''],
  ['between two days', OUT, '2026-12-20 to 2027-02-02'],
  ['none left', { ...OUT, earliest: '2026-11-29', middle: '2026-11-29', latest: '2026-11-29' }, 'today'],
  ['the last day far off', { ...OUT, latest: null }, '2026-12-20 to years on'],
  ['only the first day near', { ...OUT, middle: null, latest: null }, '2026-12-20 to years on'],
  ['all far off', { ...OUT, earliest: null, middle: null, latest: null }, 'not in three years'],
])('says when kits are sold: %s', (_, runsOut, words) => {
  expect(soldOut({ kit: 'Frost Bell', runsOut })).toBe(words);
});

test('says from how many orders', () => {
  expect(whySoldOut({ kit: 'Frost Bell', runsOut: OUT })).toContain(
    'About 2027-01-10. 34 of Frost Bell ordered in 12 weeks',
  );
  expect(whySoldOut({ kit: 'Frost Bell', runsOut: { ...OUT, weeks: 1 } })).toContain('in one week');
});
