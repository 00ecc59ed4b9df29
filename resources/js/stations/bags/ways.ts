import type { Bags } from '@/shared/api';

type Ways = NonNullable<Bags['ways']>;

const LEAST = 10;

/** As a packer plans: minutes, or hours and minutes. */
export function minutes(of: number): string {
  const whole = Math.max(1, Math.round(of));
  return whole < 90 ? `${String(whole)} min` : `${String(Math.floor(whole / 60))} h ${String(whole % 60)} min`;
}

/** Both ways as lines in a picture so wide and high, up to three times the kits at which they cross; where they cross. */
export function wayPoints(
  ways: Ways,
  wide: number,
  high: number,
): { kits: number; line: string; bag: string; at: { x: number; y: number } | null } {
  const kits = Math.max(LEAST, 3 * (ways.crossing ?? 0));
  const most = Math.max(ways.lineStart + kits * ways.lineEach, kits * ways.bagEach, 1e-6);
  const y = (time: number) => Number((high - (high * time) / most).toFixed(2));
  const saved = ways.bagEach - ways.lineEach;
  const meet = saved > 0 ? ways.lineStart / saved : null;
  return {
    kits,
    line: `M0 ${String(y(ways.lineStart))}L${String(wide)} ${String(y(ways.lineStart + kits * ways.lineEach))}`,
    bag: `M0 ${String(y(0))}L${String(wide)} ${String(y(kits * ways.bagEach))}`,
    at: meet === null ? null : { x: Number(((wide * meet) / kits).toFixed(2)), y: y(meet * ways.bagEach) },
  };
}
