import type { LotCount } from '@/shared/api';

/** What the scale says of a heap, and what would make it sure. */
export function countWords({ count, least, most, sample }: LotCount): string {
  const pieces = `${String(count)} ${count === 1 ? 'piece' : 'pieces'}`;
  if (least === most) return `${pieces}, for sure.`;
  const range = `About ${pieces}: ${String(least)} to ${String(most)}, 99 times in 100.`;
  return sample === null
    ? `${range} No sample makes so many sure: weigh them in smaller heaps.`
    : `${range} Count ${String(sample)} by hand for the sample and it is sure.`;
}
