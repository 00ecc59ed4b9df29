import { expect, it } from 'vitest';
import type { OrderSheet } from '@/shared/api';
import { chanceWords, changeWords, paceWords } from './words';

it('never says that a day is certain', () => {
  expect([chanceWords(0.9), chanceWords(0.9249), chanceWords(1)]).toEqual([
    'kept 90 times in 100',
    'kept 92 times in 100',
    'kept 99 times in 100',
  ]);
});

it('says what the days rest on', () => {
  expect(paceWords({ days: 91, packed: [12, 8, 15] })).toContain('In the last 91 days kits were packed on 3, 8 to 15');
  expect(paceWords({ days: 1, packed: [4] })).toContain('In the last 1 day kits were packed on 1, 4 a day');
  expect(paceWords({ days: 91, packed: [] })).toContain('Nothing has been packed yet');
});

it('tells a change in a line', () => {
  const change: OrderSheet['changes'][number] = { kind: 'returned', note: 'board cracked', by: '', at: '', lines: [] };
  expect(changeWords({ ...change, lines: [{ article: 'Frost Bell', quantity: -1 }] })).toBe(
    'came back, −1 × Frost Bell: board cracked',
  );
  expect(changeWords({ ...change, kind: 'cancelled', note: '' })).toBe('cancelled');
});
