import { expect, it } from 'vitest';
import { AN_ORDER } from '@/shared/testing/salesAnswers';
import { drafted, fault, given, isLines, sum } from './lines';

const [LINE] = drafted(AN_ORDER);

it('writes the lines of an order anew as the server takes them', () => {
  expect(drafted(AN_ORDER).map(given)).toEqual([{ articleId: 1, quantity: 2, price: '24.50', currency: 'EUR' }]);
});

it.each([
  ['1', '', ''],
  ['999', '18,50', ''],
  ['0', '', 'A whole number, 1 to 999.'],
  ['1000', '', 'A whole number, 1 to 999.'],
  ['1.5', '', 'A whole number, 1 to 999.'],
  ['1', '18.505', 'Write the price like 18.50.'],
  ['1', '-1', 'Write the price like 18.50.'],
])('finds fault with %s at %s: %s', (quantity, price, says) => {
  expect(LINE && fault({ ...LINE, quantity, price })).toBe(says);
});

it('sums what can be read', () => {
  const lines = LINE ? [LINE, { ...LINE, quantity: '3', price: '0,10' }, { ...LINE, quantity: 'x' }] : [];
  expect(sum(lines)).toBe(4930);
});

it('takes kept lines only as they were written', () => {
  expect([isLines(drafted(AN_ORDER)), isLines([{ ...LINE, price: 7 }]), isLines([{}]), isLines(null)]).toEqual([
    true,
    false,
    false,
    false,
  ]);
});
