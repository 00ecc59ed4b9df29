import type { SerialLife } from '@/shared/api';

type Life = NonNullable<SerialLife['life']>;
export type LifeEvent = Life['events'][number];

const DAY = 86_400_000;
const LEAST = 96;
const MOST = 260;

/** What an event is to the kit: made here, on its way, with its builder, or trouble. */
export function side(kind: string): 'shop' | 'way' | 'builder' | 'trouble' {
  if (['allocated', 'freed', 'shipped', 'returned'].includes(kind)) return 'way';
  if (['built'].includes(kind)) return 'builder';
  return ['report', 'answer', 'faq', 'held', 'scrapped'].includes(kind) ? 'trouble' : 'shop';
}

/** How wide the line runs from one event to the next: a little more for each doubling of the days between. */
export function widths(events: readonly LifeEvent[]): number[] {
  return events.map((event, at) => {
    const next = events[at + 1];
    if (!next) return LEAST;
    const days = Math.max(0, (Date.parse(next.at) - Date.parse(event.at)) / DAY);
    return Math.min(MOST, Math.round(LEAST + 24 * Math.log2(1 + days)));
  });
}

/** The days between two events in words; empty within one day. */
export function between(event: LifeEvent, next: LifeEvent | undefined): string {
  if (!next) return '';
  const days = Math.round((Date.parse(next.at.slice(0, 10)) - Date.parse(event.at.slice(0, 10))) / DAY);
  return days < 1 ? '' : days === 1 ? 'a day' : `${String(days)} days`;
}

export const DEEDS: Readonly<Record<Life['may'][number], string>> = {
  packed: 'Looked through, pack it again',
  held: 'Hold it back',
  freed: 'Free it',
  scrapped: 'Scrap it',
};
