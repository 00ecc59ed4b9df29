import { expect, it } from 'vitest';
import { countWords } from './count';

it('says how sure a count by weight is and what would make it surer', () => {
  expect(countWords({ count: 20, least: 20, most: 20, sample: 4 })).toBe('20 pieces, for sure.');
  expect(countWords({ count: 1, least: 1, most: 1, sample: null })).toBe('1 piece, for sure.');
  expect(countWords({ count: 30, least: 29, most: 31, sample: 24 })).toBe(
    'About 30 pieces: 29 to 31, 99 times in 100. Count 24 by hand for the sample and it is sure.',
  );
  expect(countWords({ count: 400, least: 388, most: 412, sample: null })).toBe(
    'About 400 pieces: 388 to 412, 99 times in 100. No sample makes so many sure: weigh them in smaller heaps.',
  );
});
