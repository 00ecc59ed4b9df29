import type { OrderGiven, SalesOrder } from '@/shared/api';
import { articleWords } from '@/shared/format';
import { isObject } from '@/shared/keep';

export type LineGiven = OrderGiven['lines'][number];

/** A line of an order that is being written: what is asked for, in words and as the server takes it. */
export type DraftLine = Readonly<{
  id: string;
  words: string;
  what: Omit<LineGiven, 'quantity' | 'price' | 'currency'>;
  quantity: string;
  price: string;
  currency: string;
}>;

const QUANTITY = /^[1-9]\d{0,2}$/;
const PRICE = /^(?:\d{1,7}(?:[.,]\d{1,2})?)?$/;

/** What is wrong with a line; empty where nothing is. */
export function fault(line: DraftLine): string {
  if (!QUANTITY.test(line.quantity.trim())) return 'A whole number, 1 to 999.';
  return PRICE.test(line.price.trim()) ? '' : 'Write the price like 18.50.';
}

/** A line as the server takes it. */
export function given({ what, quantity, price, currency }: DraftLine): LineGiven {
  return { ...what, quantity: Number(quantity), price: price.trim(), ...(currency === '' ? {} : { currency }) };
}

/** The lines of an order as they can be written anew. */
export function drafted(order: SalesOrder): DraftLine[] {
  return order.lines.map((line, at) => ({
    id: `${String(line.articleId)} ${String(at)}`,
    words: articleWords(line),
    what: { articleId: line.articleId },
    quantity: String(line.quantity),
    price: (line.unitPrice / 100).toFixed(2),
    currency: line.currency,
  }));
}

/** Minor units of all lines that can be read. */
export function sum(lines: readonly DraftLine[]): number {
  return lines
    .filter((line) => fault(line) === '')
    .reduce((all, line) => all + Number(line.quantity) * Math.round(Number(line.price.replace(',', '.')) * 100), 0);
}

export function isLines(value: unknown): value is DraftLine[] {
  return (
    Array.isArray(value) &&
    value.every(
      (each) =>
        isObject(each) &&
        isObject(each['what']) &&
        ['id', 'words', 'quantity', 'price', 'currency'].every((field) => typeof each[field] === 'string'),
    )
  );
}
