import { expect, it } from 'vitest';
import type { OrderTable } from '@/shared/api';
import { bookedWords, bookWords, mapped } from './table';

const TABLE: OrderTable = {
  name: 'orders.csv',
  headers: [],
  columns: [
    { field: 'number', column: 0, needed: true },
    { field: 'date', column: null, needed: true },
    { field: 'email', column: 2, needed: false },
  ],
  daysOpen: false,
  dayFirst: null,
  unknown: [],
  new: 2,
  known: 0,
  differ: 0,
  bad: 0,
  rows: [],
  more: 0,
};

it('moves one field to another column and leaves the others', () => {
  expect(mapped(TABLE, 'date', '4')).toEqual({ number: 0, date: 4, email: 2 });
  expect(mapped(TABLE, 'email', '')).toEqual({ number: 0 });
});

it('says what would be booked and what was', () => {
  expect(bookWords(TABLE, false)).toBe('Book 2 orders');
  expect(bookWords({ ...TABLE, new: 1, differ: 3 }, true)).toBe('Book 1 order, change 3');
  expect(bookWords({ ...TABLE, new: 0, differ: 1 }, true)).toBe('Change 1 order');
  expect(bookWords({ ...TABLE, new: 0, differ: 1 }, false)).toBe('Nothing to book');
  expect(bookedWords({ booked: 1, changed: 0, known: 2, differ: 1, faults: ['row 4.'] })).toBe(
    '1 order booked, 2 known already, 1 told otherwise and left as they are, not booked: row 4.',
  );
});
