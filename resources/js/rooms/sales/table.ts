import type { OrdersBooked, OrderTable } from '@/shared/api';

export const FIELD_WORDS: Readonly<Record<string, string>> = {
  number: 'order number',
  date: 'date',
  customer: 'customer',
  email: 'mail address',
  address: 'address in one',
  street: 'street',
  zip: 'postcode',
  city: 'town',
  country: 'country',
  kit: 'article',
  quantity: 'how many',
  price: 'price of one',
  currency: 'currency',
  options: 'options',
  pack: 'kits in a class pack',
  dealing: 'how a pack is dealt',
};

export const STATE_WORDS: Readonly<Record<OrderTable['rows'][number]['state'], string>> = {
  new: '■ new',
  known: '◌ known',
  differs: '▲ told otherwise',
  bad: '▲ cannot be booked',
};

/** The columns as they stand, one of them moved; an empty place takes the field out. */
export function mapped(table: OrderTable, field: string, place: string): Record<string, number> {
  const columns: Record<string, number> = {};
  for (const each of table.columns) {
    const column = each.field === field ? (place === '' ? null : Number(place)) : each.column;
    if (column !== null) columns[each.field] = column;
  }
  return columns;
}

function orders(many: number): string {
  return `${String(many)} ${many === 1 ? 'order' : 'orders'}`;
}

/** What the button would do. */
export function bookWords(table: OrderTable, changes: boolean): string {
  const change = changes && table.differ > 0 ? `change ${String(table.differ)}` : '';
  if (table.new === 0)
    return change === '' ? 'Nothing to book' : `C${change.slice(1)} ${table.differ === 1 ? 'order' : 'orders'}`;
  return `Book ${orders(table.new)}${change === '' ? '' : `, ${change}`}`;
}

/** What was done. */
export function bookedWords({ booked, changed, known, differ, faults }: OrdersBooked): string {
  return [
    `${orders(booked)} booked`,
    ...(changed > 0 ? [`${String(changed)} changed`] : []),
    ...(known > 0 ? [`${String(known)} known already`] : []),
    ...(differ > 0 ? [`${String(differ)} told otherwise and left as they are`] : []),
    ...(faults.length > 0 ? [`not booked: ${faults.join(' ')}`] : []),
  ].join(', ');
}
