import { expect, it } from 'vitest';
import { dayWords } from './day';

it('names a day with its weekday, whatever the clock of the device', () => {
  expect([dayWords('2026-12-03'), dayWords('2027-01-01')]).toEqual(['Thu 3 Dec', 'Fri 1 Jan']);
});
