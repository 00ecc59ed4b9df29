import type { SalesOrder } from '@/shared/api';

/** Orders that ship on one day of the strip. */
export type Day = {
  id: string;
  name: string;
  fill: 'aside' | 'ink' | 'coming' | 'gap';
  orders: SalesOrder[];
  kits: number;
};

/** Squares that a bundle shows; what is over is a number. */
export const SQUARES = 60;

/** Kits of an order, and goods that are no kits one square each. */
export function squares(order: SalesOrder): number {
  return order.lines.reduce((sum, line) => sum + line.quantity * line.packSize, 0);
}

/** The strip from what lies ready to what nothing brings yet; each order stands once, the oldest first. */
export function days(orders: readonly SalesOrder[]): Day[] {
  const found = new Map<string, Day>();
  const put = (order: SalesOrder, id: string, name: string, fill: Day['fill']) => {
    const day = found.get(id) ?? { id, name, fill, orders: [], kits: 0 };
    day.orders.push(order);
    day.kits += squares(order);
    found.set(id, day);
  };
  for (const order of orders) {
    const runs = order.promise?.runs ?? [];
    const run = Math.max(0, ...runs);
    if (order.stage === 'allocated') put(order, '0', 'set aside: pack the parcel', 'aside');
    else if (order.promise?.today === true) put(order, '1', 'today, from what is on hand', 'ink');
    else if (run > 0) put(order, `2 ${String(run).padStart(9, '0')}`, `when run ${String(run)} is packed`, 'coming');
    else put(order, '3', 'no run brings these yet', 'gap');
  }
  return [...found.values()].sort((a, b) => a.id.localeCompare(b.id));
}

/** What the orders that nothing brings still lack, by what they are. */
export function shortage(orders: readonly SalesOrder[], words: (line: SalesOrder['lines'][number]) => string): string {
  const lack = new Map<string, number>();
  for (const order of orders)
    for (const { articleId, quantity } of order.promise?.missing ?? []) {
      const line = order.lines.find((each) => each.articleId === articleId);
      if (line) lack.set(words(line), (lack.get(words(line)) ?? 0) + quantity);
    }
  return [...lack].map(([what, many]) => `${String(many)} ${what}`).join(', ');
}
