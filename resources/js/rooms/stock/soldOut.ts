import type { Stock } from '@/shared/api';

type Kit = Pick<Stock['kits'][number], 'runsOut' | 'kit'>;

/** The days between which the kits on hand are sold; what is more than three years away has no day. */
export function soldOut({ runsOut }: Kit): string {
  if (runsOut === null) return '';
  const { earliest, latest } = runsOut;
  if (earliest === null) return 'not in three years';
  if (earliest === latest) return 'today';
  return `${earliest} to ${latest ?? 'years on'}`;
}

/** Where those days come from. */
export function whySoldOut({ kit, runsOut }: Kit): string {
  if (runsOut === null) return `Nobody has ordered ${kit} yet.`;
  const { ordered, weeks, middle } = runsOut;
  return (
    (middle === null ? '' : `About ${middle}. `) +
    `${String(ordered)} of ${kit} ordered in ${weeks === 1 ? 'one week' : `${String(weeks)} weeks`}. ` +
    'Nine times in ten the last one goes between these days, if people order as they did.'
  );
}
