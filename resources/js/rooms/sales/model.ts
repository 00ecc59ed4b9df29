import { maybe, needed, object, string } from '@/shared/ui/form';

/** What has to be there and how it is written, as `OrderRequest` takes it; the server has the last word. */
export const ORDER = object({
  number: needed('Give the order a number.'),
  placedOn: needed('Write the date like 2026-11-25.'),
  customer: needed('Who ordered it?'),
  email: maybe(/[^@\s]+@[^@\s]+/, 'That is no mail address; leave it empty if there is none.'),
  address: string(),
});

export function orderWords(today: Date) {
  return {
    number: '',
    placedOn: today.toISOString().slice(0, 10),
    customer: '',
    email: '',
    address: '',
  };
}
