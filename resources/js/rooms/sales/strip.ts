import type { SalesOrder } from '@/shared/api';
import { dayWords } from '@/shared/format';
import { chanceWords } from './words';

/** Orders that ship on one day of the strip. */
export type Day = {
  id: string;
  name: string;
  /** how sure the day is; empty where nothing is to be said */ sure: string;
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

function coming(run: number, { day, chance }: NonNullable<SalesOrder['promise']>): Omit<Day, 'orders' | 'kits'> {
  const packed = `when run ${String(run)} is packed`;
  return {
    id: `2 ${String(run).padStart(9, '0')}`,
    name: day === null ? packed : `${dayWords(day)}, ${packed}`,
    sure: day === null ? '' : chanceWords(chance ?? 0),
    fill: 'coming',
  };
}

/** The strip from what lies ready to what nothing brings yet; each order stands once, in its turn. */
export function days(orders: readonly SalesOrder[]): Day[] {
  const found = new Map<string, Day>();
  const put = (order: SalesOrder, place: Omit<Day, 'orders' | 'kits'>) => {
    const day = found.get(place.id) ?? { ...place, orders: [], kits: 0 };
    day.orders.push(order);
    day.kits += squares(order);
    found.set(place.id, day);
  };
  for (const order of orders) {
    const run = Math.max(0, ...(order.promise?.runs ?? []));
    if (order.stage === 'allocated')
      put(order, { id: '0', name: 'set aside: pack the parcel', sure: '', fill: 'aside' });
    else if (order.promise?.today === true)
      put(order, { id: '1', name: 'today, from what is on hand', sure: '', fill: 'ink' });
    else if (order.promise && run > 0) put(order, coming(run, order.promise));
    else put(order, { id: '3', name: 'no run brings these yet', sure: '', fill: 'gap' });
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

/** Orders before which another is put so that it is served one place sooner or later; undefined where it stands at that end. */
export function moves(orders: readonly SalesOrder[], id: number): { sooner?: number; later?: number | null } {
  const open = orders.filter(({ stage }) => stage === 'open');
  const at = open.findIndex((each) => each.id === id);
  const [before, next] = [open[at - 1], open[at + 1]];
  return {
    ...(at > 0 && before ? { sooner: before.id } : {}),
    ...(at >= 0 && next ? { later: open[at + 2]?.id ?? null } : {}),
  };
}

/** Kits of which the orders that nothing brings still lack some. */
export function lacking(orders: readonly SalesOrder[]): number[] {
  const kits = orders.flatMap(({ lines, promise }) =>
    (promise?.missing ?? []).map(({ articleId }) => lines.find((line) => line.articleId === articleId)?.kitId ?? null),
  );
  return [...new Set(kits.filter((kit) => kit !== null))].sort((a, b) => a - b);
}

/** The name by which the orders call a kit. */
export function kitName(orders: readonly SalesOrder[], kit: number): string {
  return orders.flatMap(({ lines }) => lines).find((line) => line.kitId === kit)?.name ?? '';
}
