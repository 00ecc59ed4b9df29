import { isText, keep, recall } from '@/shared/keep';

const YES = 'yes';
const MOST = 600;

/** Whether the builder lets minutes be counted; not before they say so. */
export function countsTimes(token: string): boolean {
  return recall(`times ${token}`, isText, '') === YES;
}

export function letTimes(token: string, yes: boolean): void {
  keep(`times ${token}`, yes ? YES : '');
}

/** Minutes from opening a step to its tick; null where nobody may know, or the step lay open for longer than anybody works at it. */
export function minutesOf(opened: number | null, now: number, counts: boolean): number | null {
  if (!counts || opened === null || now < opened) return null;
  const minutes = (now - opened) / 60_000;
  return minutes > MOST ? null : Math.round(minutes * 100) / 100;
}
