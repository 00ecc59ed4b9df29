import type { Plank, Planks } from '@/shared/api';
import { amount } from './model';

/** Kits that the picture reaches up to: what is longer is drawn torn off. */
export function ceiling(planks: Planks): number {
  const water = Math.max(planks.waterline, planks.later);
  const longest = Math.max(0, ...planks.planks.map((plank) => plank.laterKits));
  return Math.max(1, Math.min(longest, Math.max(10, Math.ceil(2.4 * water))));
}

type Lengths = { free: number; promised: number; ordered: number; torn: boolean };

/** How long the pieces of a plank are, as shares of the picture's height, from its foot up. */
export function lengths(plank: Plank, top: number): Lengths {
  const up = (kits: number) => Math.min(1, kits / top);
  const free = up(plank.kits);
  const hand = up(plank.onHandKits);
  // What is ordered first fills what runs will take.
  const later = up(plank.laterKits);
  return {
    free,
    promised: Math.max(0, hand - free),
    ordered: Math.max(0, later - Math.max(hand, free)),
    torn: Math.max(plank.onHandKits, plank.laterKits) > top,
  };
}

/** What a plank says to whoever cannot see it. */
export function plankWords(plank: Plank): string {
  const more = plank.laterKits > plank.kits ? `, ${String(plank.laterKits)} once the orders have come` : '';
  return `${plank.title}, ${plank.designators.join(' ')}: for ${kitsWords(plank.kits)}${more}`;
}

export function kitsWords(kits: number): string {
  return `${kits.toLocaleString('en')} ${kits === 1 ? 'kit' : 'kits'}`;
}

/** Where the length of a plank comes from, line by line. */
export function plankWhy(plank: Plank): readonly (readonly [what: string, figure: string])[] {
  const pieces = (quantity: number) => amount(quantity, plank.unit);
  return [
    ['one kit takes', pieces(plank.perKit)],
    ['on hand, not on hold', pieces(plank.onHand)],
    ...(plank.promised > 0 ? [['runs that are begun still take', pieces(plank.promised)] as const] : []),
    ['so today it reaches for', kitsWords(plank.kits)],
    ...(plank.onOrder > 0
      ? ([
          ['ordered and not come', pieces(plank.onOrder)],
          ['then it reaches for', kitsWords(plank.laterKits)],
        ] as const)
      : []),
  ];
}

/** What the waterline says. */
export function waterWords(planks: Planks): string {
  const [first] = planks.planks;
  if (first === undefined) return `${planks.kit} has no part that is packed.`;
  const short = planks.planks.filter((plank) => plank.kits === planks.waterline);
  const ends =
    short.length > 3 ? `${String(short.length)} parts end there` : short.map(({ title }) => title).join(', ');
  return `${kitsWords(planks.waterline)} can be packed today: ${ends}${short.length > 3 ? '' : short.length === 1 ? ' is the shortest' : ' are the shortest'}.`;
}
