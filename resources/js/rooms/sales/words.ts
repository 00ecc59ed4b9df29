import type { OrderSheet, OrderStrip } from '@/shared/api';

/** How often a day is kept, in whole per cents, never a promise beyond doubt. */
export function chanceWords(chance: number): string {
  return `kept ${String(Math.min(99, Math.floor(chance * 100)))} times in 100`;
}

/** What the days of a strip rest on. */
export function paceWords({ days, packed }: OrderStrip['pace']): string {
  if (packed.length === 0)
    return 'Nothing has been packed yet, so no day can be named; the first packed run gives the pace.';
  const [least, most] = [Math.min(...packed), Math.max(...packed)];
  const kits = least === most ? String(least) : `${String(least)} to ${String(most)}`;
  return (
    `In the last ${String(days)} ${days === 1 ? 'day' : 'days'} kits were packed on ${String(packed.length)}, ` +
    `${kits} a day. Runs are packed one after the other, the oldest first; ` +
    'a day is named when at that pace it is kept at least 90 times in 100. Today is not counted.'
  );
}

const KINDS: Readonly<Record<OrderSheet['changes'][number]['kind'], string>> = {
  changed: 'changed',
  cancelled: 'cancelled',
  returned: 'came back',
  tracked: 'tracking',
};

/** One change of an order in a line: `came back, −1 × Frost Bell: board cracked`. */
export function changeWords({ kind, note, lines }: OrderSheet['changes'][number]): string {
  const what = lines.map(
    ({ article, quantity }) => `${quantity > 0 ? '+' : '−'}${String(Math.abs(quantity))} × ${article}`,
  );
  return [KINDS[kind], ...what].join(', ') + (note === '' ? '' : `: ${note}`);
}
