import type { Curve, Price } from '@/shared/api';

type Kind = Price['steps'][number]['kind'];
export type StairKind = Kind | 'margin' | 'tax';
/** A step as it is drawn: where it begins and how high it is, in the money of the shop. */
export type Stair = { kind: StairKind; name: string; from: number; amount: number; low: number; high: number };

const NAMES: Readonly<Record<StairKind, string>> = {
  parts: 'parts',
  spares: 'spares',
  bags: 'bags and labels',
  'set-up': 'boards and set-up',
  packing: 'work on each kit',
  shipping: 'box and postage',
  fees: 'fees',
  support: 'support',
  margin: 'margin',
  tax: 'tax',
};

/** The steps one upon the other up to the price, with tax where there is some; the share of the fees is on its step. */
export function stair(price: Price): Stair[] {
  let from = 0;
  const steps: Stair[] = [];
  const add = (kind: StairKind, amount: number, low = amount, high = amount) => {
    steps.push({ kind, name: NAMES[kind], from, amount, low, high });
    from += amount;
  };
  for (const step of price.steps) {
    const fees = step.kind === 'fees' ? Number(price.fees ?? 0) : 0;
    add(step.kind, Number(step.amount) + fees, Number(step.low) + fees, Number(step.high) + fees);
  }
  if (price.left !== null) add('margin', Number(price.left));
  if (price.gross !== null && price.price !== null && price.gross !== price.price)
    add('tax', Number(price.gross) - Number(price.price));
  return steps;
}

/** Facts that stand at a step, with what each is and how it is written. */
export const FACTS: Readonly<
  Record<StairKind, readonly (readonly [keyof Price['facts'], string, 'share' | 'number'])[]>
> = {
  parts: [],
  spares: [],
  bags: [],
  'set-up': [
    ['setUp', 'boards and tools of a batch, whatever its size', 'number'],
    ['setUpMinutes', 'minutes to set a batch up', 'number'],
    ['holding', 'what a kit in stock costs a year, in % of its parts', 'share'],
  ],
  packing: [['kitMinutes', 'minutes on each kit, its bags apart', 'number']],
  shipping: [['shipping', 'what the shop pays for box and postage of a kit', 'number']],
  fees: [
    ['feeShare', 'share of the price, in %', 'share'],
    ['feeFixed', 'and of each order', 'number'],
  ],
  support: [
    ['reportMinutes', 'minutes to answer a report', 'number'],
    ['reportCost', 'parts and postage of a report, in the mean', 'number'],
  ],
  margin: [
    ['margin', 'margin, in %', 'share'],
    ['pack5', 'a pack of 5 is cheaper by, in %', 'share'],
    ['pack10', 'a pack of 10 is cheaper by, in %', 'share'],
    ['pack20', 'a pack of 20 is cheaper by, in %', 'share'],
  ],
  tax: [['tax', 'tax on the price, in %', 'share']],
};

/** A share as it is typed, in percent, and back; null where it is no number. */
export function percentOf(share: string): string {
  return String(Number((100 * Number(share)).toFixed(2)));
}

export function shareOf(percent: string): string | null {
  const value = Number(percent.replace(',', '.'));
  return percent.trim() === '' || !Number.isFinite(value) || value < 0 || value >= 100
    ? null
    : String(Number((value / 100).toFixed(4)));
}

/** Where a step's amount comes from, in a sentence; empty where its facts say it. */
export function stepWords(kind: StairKind, price: Price): string {
  const step = price.steps.find((each) => each.kind === kind);
  const figure = (name: string) => step?.figures[name] ?? '';
  const { currency } = price;
  switch (kind) {
    case 'parts':
      return `${Number(figure('batch')).toFixed(2)} ${currency} for ${figure('kits')} kits with nothing on hand, shipping in it: a plan that can be ordered; the exact one under Stock, Buying may be a little cheaper.`;
    case 'spares':
      return 'So many spares in each kit that 95 of 100 are complete, by how often each kind of part is lost.';
    case 'bags':
      return 'Bags, labels, and the work of filling them, as Bags works it out.';
    case 'set-up':
      return `${figure('minutes')} min at ${figure('hour')} ${currency} an hour, and what the batch costs whatever its size, over ${figure('kits')} kits.`;
    case 'packing':
      return `${figure('minutes')} min at ${figure('hour')} ${currency} an hour.`;
    case 'support':
      return figure('shipped') === '0'
        ? 'No kit has been away for 30 days yet: nothing is counted, and nothing is guessed.'
        : `${figure('reported')} of ${figure('shipped')} kits that left 30 days ago or earlier were reported; a report costs ${figure('report')} ${currency}. Nineteen times in twenty it is ${step?.low ?? ''} to ${step?.high ?? ''} ${currency} a kit.`;
    case 'fees':
      return `${percentOf(figure('share'))} % of the price and ${figure('fixed')} ${currency} of each order.`;
    case 'margin':
      return 'What is left of the price once all of it is paid.';
    default:
      return '';
  }
}

/** The next larger batch that costs less in all, and the one up to twice as large whose kits are cheapest, if by a hundredth. */
export function betterBatch(
  curve: readonly (number | null)[],
  batch: number,
): { less: number | null; cheaper: { kits: number; by: number } | null } {
  const each = curve[batch - 1];
  if (each == null) return { less: null, cheaper: null };
  let less: number | null = null;
  let cheaper: { kits: number; by: number } | null = null;
  for (let kits = batch + 1; kits <= Math.min(curve.length, 2 * batch); kits += 1) {
    const there = curve[kits - 1];
    if (there == null) continue;
    if (less === null && there * kits < each * batch - 0.005) less = kits;
    if (there < each * 0.99 && there < each - (cheaper?.by ?? 0) - 0.005) cheaper = { kits, by: each - there };
  }
  return { less, cheaper };
}

/** The curve as a path in a box of so many units; what is dearer than the fifth kit's batch goes out of the box. */
export function curvePath(curve: readonly (number | null)[], width: number, height: number): string {
  const known = curve.filter((each) => each !== null);
  if (known.length === 0) return '';
  const top = curve[Math.min(4, curve.length - 1)] ?? Math.max(...known);
  const low = Math.min(...known);
  const span = Math.max(0.01, top - low);
  let path = '';
  curve.forEach((each, at) => {
    if (each === null) return;
    const x = ((at / Math.max(1, curve.length - 1)) * width).toFixed(1);
    const y = (height - Math.min(1, (each - low) / span) * height).toFixed(1);
    path += `${path === '' ? 'M' : 'L'}${x} ${y}`;
  });
  return path;
}

/** Why a batch costs least a year. */
export function bestWords(best: NonNullable<Curve['best']>, currency: string): string {
  return `${String(best.ordered)} ordered in ${String(best.weeks)} weeks are ${String(best.demand)} a year; in batches of ${String(best.kits)} their parts, set-ups and what lies in stock cost ${best.year} ${currency} a year, the least of 1 to 500.`;
}
