import { maybe, needed, object, string } from '@/shared/ui/form';

/** An order as it is typed; what it costs and what can ship the server works out. */
export const ORDER = object({
  number: needed('An order has a number.'),
  placedOn: needed('Say the day, such as 2026-11-27.'),
  customer: needed('Say who ordered.'),
  email: maybe(/[^@\s]+@[^@\s]+\.[^@\s]+/, 'An address looks like name@example.org.'),
  quantity: needed('At least one kit.').check((words) => {
    if (!/^[1-9]\d{0,3}$/.test(words.value))
      words.issues.push({ code: 'custom', message: 'A whole number from 1 to 9999.', input: words.value });
  }),
  price: maybe(/\d+(?:[.,]\d{1,2})?(?: ?[A-Za-z]{3})?/, 'An amount, such as 24.50.'),
  address: string(),
});

export function orderWords(today: Date) {
  return {
    number: '',
    placedOn: today.toISOString().slice(0, 10),
    customer: '',
    email: '',
    quantity: '1',
    price: '',
    address: '',
  };
}
