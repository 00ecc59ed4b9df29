import type { CauseSaving, Faults, Mended, MendPlace, Savings } from '@/shared/api';

/** Where a cause can be mended, and the station that does it. */
export const MEND_PLACES: readonly { place: MendPlace; station: string; name: string; short: string }[] = [
  { place: 'callout', station: 'marks', name: 'its callout', short: 'callout' },
  { place: 'order', station: 'order', name: 'its step', short: 'step' },
  { place: 'bag', station: 'bags', name: 'its bag', short: 'bag' },
  { place: 'board', station: 'board', name: 'the board', short: 'board' },
  { place: 'part', station: 'parts', name: 'the part itself', short: 'part' },
  { place: 'manual', station: 'manual', name: 'the manual', short: 'manual' },
];

/** Causes that have to do with one place of the board. */
export function causesAt(causes: readonly CauseSaving[], place: string): readonly CauseSaving[] {
  return causes.filter((each) => each.part.split(' and ').includes(place));
}

const counted = (count: number, name: string) => `${String(count)} ${name}${count === 1 ? '' : 's'}`;

/** What a cause costs and what mending it would save, in a sentence. */
export function saved(cause: CauseSaving, savings: Savings): string {
  const { currency } = savings;
  const costs = `${counted(cause.kits, 'kit')} of ${String(cause.of)}: ${cause.each} ${currency} a kit, between ${cause.low} and ${cause.high}.`;
  if (cause.shipping === 0) return `${costs} Nobody ordered lately; what mending it saves is not known.`;
  return `${costs} Mended, it saves about ${cause.total} ${currency} in 90 days: ${cause.calls.toFixed(1)} reports of ${counted(cause.shipping, 'kit')}.`;
}

/** The numbers behind it. */
export function whySaved(cause: CauseSaving, savings: Savings): string {
  const { report, minutes, currency, ordered, weeks } = savings;
  const price = `${report} ${currency} a report, of which ${minutes} minutes are work (Price, support)`;
  return `${String(cause.kits)} of ${String(cause.of)} kits × ${price}; ${counted(ordered, 'kit')} ordered in ${counted(weeks, 'week')}.`;
}

/** What became of a mended cause, in a sentence. */
export function turned(mended: Mended): string {
  const young =
    mended.young === 0
      ? ''
      : ` ${counted(mended.young, 'younger kit')} ${mended.young === 1 ? 'is' : 'are'} not counted yet.`;
  if (mended.turn === 'fell')
    return `■ It helped: by accident it would come out so in ${share(mended.chance)}.${young}`;
  if (mended.turn === 'rose') return `▲ There are more of them than before.${young}`;
  if (mended.before.reported === 0) return `None was counted before it, so nothing can be shown.${young}`;
  if (mended.missing === null) return `Too few kits to say, and not soon.${young}`;
  return `Too few kits to say: ${counted(mended.missing, 'more kit')} without a report would show it.${young}`;
}

const share = (chance: number) => (chance < 0.001 ? 'less than one of 1000 cases' : `${(100 * chance).toFixed(1)} %`);

/** How builders used an answer, in a sentence; nothing before anybody opened it. */
export function used(entry: { shown: number; helped: number; kept: number }): string {
  if (entry.shown === 0) return '';
  const quiet = entry.helped === entry.kept ? 'none wrote afterwards' : `${String(entry.kept)} of them never wrote`;
  return entry.helped === 0
    ? `opened in ${counted(entry.shown, 'kit')}, helped nobody yet`
    : `opened in ${counted(entry.shown, 'kit')}, helped ${String(entry.helped)}, ${quiet}`;
}

/** The lot that an alarm is of: its name, or `K1 faulty in` it; null where it is of none. */
export function lotOf(lots: Faults['lots'], value: string): number | null {
  return lots.find(({ name }) => value === name || value.endsWith(` in ${name}`))?.lotId ?? null;
}

/** Why a lot is stopped, as its alarm says. */
export function whyStopped(alarm: { value: string; reported: number; kits: number }): string {
  const cause = / in /.test(alarm.value) ? `${alarm.value.slice(0, alarm.value.lastIndexOf(' in '))} in ` : '';
  return `${cause}${String(alarm.reported)} of ${String(alarm.kits)} kits`;
}
