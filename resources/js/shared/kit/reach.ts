import type { KitReach } from '@/shared/api';
import { dayWords } from '@/shared/format';

/** How many kits can be: `12 to pack, parts for 6`. */
export function packableWords({ packable, later, coming }: KitReach): string {
  const runs = coming > 0 ? `${String(coming)} to pack, ` : '';
  const more = later > packable ? `, ${String(later)} once orders have come` : '';
  return `${runs}parts for ${String(packable)}${more}`;
}

/** When the kits that nobody waits for are sold, nine times in ten; empty where nobody orders. */
export function soldOutWords({ soldOut, free }: KitReach): string {
  if (soldOut === null) return '';
  if (free < 1) return free < 0 ? `${String(-free)} more ordered than there are` : 'none is free';
  if (soldOut.earliest === null) return 'last more than three years';
  if (soldOut.latest === null) return `sold out from ${dayWords(soldOut.earliest)} on`;
  return soldOut.earliest === soldOut.latest
    ? `sold out ${dayWords(soldOut.earliest)}`
    : `sold out ${dayWords(soldOut.earliest)} to ${dayWords(soldOut.latest)}`;
}

/** By when parts have to be ordered: `order 5 V, relay by Fri 11 Dec`; empty where nobody can tell. */
export function orderByWords({ orderBy }: KitReach, today: string): string {
  if (orderBy === null) return '';
  return orderBy.day <= today ? `order ${orderBy.title} now` : `order ${orderBy.title} by ${dayWords(orderBy.day)}`;
}

/** True where it should have been ordered already, or today. */
export function isDue({ orderBy }: KitReach, today: string): boolean {
  return orderBy !== null && orderBy.day <= today;
}

/** Where those days come from. */
export function reachWhy(reach: KitReach): string {
  const { soldOut, orderBy, unknownLead, limit } = reach;
  const parts = unknownLead === 1 ? 'one part' : `${String(unknownLead)} parts`;
  return [
    ...(limit === null ? [] : [`${limit} ends first.`]),
    ...(soldOut === null
      ? ['Nobody has ordered it yet, so no day can be named.']
      : [
          `${String(soldOut.ordered)} ordered in ${soldOut.weeks === 1 ? 'one week' : `${String(soldOut.weeks)} weeks`}.`,
        ]),
    ...(orderBy === null
      ? []
      : [
          `${String(orderBy.kits)} kits lie there or can be packed until ${orderBy.title} ends; ` +
            `one time in twenty they are sold by ${dayWords(orderBy.soldOut)}. ` +
            `${orderBy.supplier} takes ${String(orderBy.leadDays)} days, packing ${String(orderBy.packingDays)}.`,
        ]),
    ...(unknownLead === 0 ? [] : [`Of ${parts} no supplier says how long it takes.`]),
  ].join(' ');
}
