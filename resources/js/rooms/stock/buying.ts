import type { Asked, BuyingLine, BuyingPlan } from '@/shared/api';
import { amount } from './model';

/** A kit that is bought for. */
export type Batch = { kitId: number; kit: string; kits: string };
export type Tried = { spares: boolean; without: number | null; rates: Readonly<Record<string, string>> };

export const TRIED_NOTHING: Tried = { spares: false, without: null, rates: {} };

const RATE = /^\d{1,6}(?:[.,]\d{1,8})?$/;

/** What the server is asked; batches without a whole number above 0 are left out. */
export function asked(batches: readonly Batch[], tried: Tried): Asked {
  const kits = batches
    .filter(({ kits }) => /^[1-9]\d{0,4}$/.test(kits.trim()))
    .map(({ kitId, kits }) => `${String(kitId)}:${kits.trim()}`)
    .join(',');
  const rates = Object.entries(tried.rates)
    .filter(([, rate]) => RATE.test(rate) && Number(rate.replace(',', '.')) > 0)
    .map(([currency, rate]) => `${currency}=${rate.replace(',', '.')}`)
    .join(',');
  return {
    kits,
    ...(tried.spares ? { spares: '1' } : {}),
    ...(tried.without === null ? {} : { without: String(tried.without) }),
    ...(rates === '' ? {} : { rates }),
  };
}

export type Sheet = { supplier: BuyingPlan['suppliers'][number]; lines: SheetLine[] };
type SheetLine = { line: BuyingLine; order: BuyingLine['orders'][number] };

/** The plan as it is sent: a sheet for each supplier, the dearest line first. */
export function sheets(plan: BuyingPlan): Sheet[] {
  return plan.suppliers.map((supplier) => ({
    supplier,
    lines: plan.lines
      .flatMap((line) => line.orders.map((order) => ({ line, order })))
      .filter(({ order }) => order.supplierId === supplier.id)
      .sort((a, b) => Number(b.order.cost) - Number(a.order.cost)),
  }));
}

/** A sheet as a table: to paste into a letter, or to save. */
export function sheetRows({ supplier, lines }: Sheet): string[][] {
  return [
    ['pieces', 'part', 'places', 'price of one', `sum in ${supplier.currency}`],
    ...lines.map(({ line, order }) => [
      String(order.pieces),
      line.title,
      line.designators.join(' '),
      order.unitPrice,
      order.cost,
    ]),
    ['', 'goods', '', '', supplier.goods],
    ['', 'shipping', '', '', supplier.shipping],
  ];
}

/** Why a line is ordered so, from what is needed to what the next best would cost. */
export function lineWhy(line: BuyingLine, currency: string): readonly (readonly [what: string, figure: string])[] {
  const pieces = (quantity: number) => amount(quantity, line.unit);
  const ordered = line.orders.reduce((sum, order) => sum + order.pieces, 0);
  return [
    ...line.origins.map(({ what, pieces: many }) => [`for ${what}`, pieces(many)] as const),
    ['on hand, not on hold', pieces(line.onHand)],
    ...(line.onOrder > 0 ? [['ordered and not come', pieces(line.onOrder)] as const] : []),
    ['so there is needed', pieces(line.needed)],
    ...(ordered > line.needed
      ? [[`${pieces(ordered - line.needed)} more are ordered`, 'least order, multiple or a lower price'] as const]
      : []),
    ['suppliers who offer it', String(line.offers)],
    line.nextBest === null
      ? ([
          'next best',
          line.offers > 1 ? 'the others send no order this small, or have too few' : 'nobody else offers it',
        ] as const)
      : ([
          `next best: ${pieces(line.nextBest.pieces)} from ${line.nextBest.supplier}`,
          `${Number(line.nextBest.more) < 0 ? '' : '+'}${line.nextBest.more} ${currency}`,
        ] as const),
  ];
}

/** How sure it is that nothing is cheaper. */
export function sureWords(plan: BuyingPlan): string {
  if (plan.proved) return 'nothing is cheaper';
  const gap = (Number(plan.total) - Number(plan.bound)).toFixed(2);
  return `at most ${gap} ${plan.currency} could be saved; looking further took too long`;
}
