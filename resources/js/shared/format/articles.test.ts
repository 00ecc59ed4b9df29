import { expect, test } from 'vitest';
import { articleWords } from './articles';

test('a kit is told by its name and options, a class pack by how it is dealt', () => {
  expect(articleWords({ name: 'Frost Bell', packSize: 1, dealing: '', options: 'box=drilled' })).toBe(
    'Frost Bell (box: drilled)',
  );
  expect(articleWords({ name: 'Halt Signal', packSize: 10, dealing: 'pupil', options: '' })).toBe(
    'Halt Signal, class pack of 10, a kit a pupil',
  );
});
