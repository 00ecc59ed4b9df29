import type { ManualStep } from '@/shared/api';
import { keep, recall } from '@/shared/keep';

/** A clock that runs while something cures: when it was started and how long it takes, both in milliseconds. */
export type Wait = { step: string; title: string; from: number; length: number };

const MINUTE = 60_000;

/** The clocks kept on this device; a damaged entry counts as none. */
export function keptWaits(token: string): Wait[] {
  return recall(`waits ${token}`, Array.isArray, []).filter(isWait);
}

export function keepWaits(token: string, waits: readonly Wait[]): void {
  keep(`waits ${token}`, waits);
}

export function begun(step: ManualStep, now: number): Wait {
  return { step: step.key, title: step.title, from: now, length: (step.wait ?? 0) * MINUTE };
}

/** Whole minutes that are left, rounded up; 0 when the time is over. */
export function minutesLeft(wait: Wait, now: number): number {
  return Math.max(0, Math.ceil((wait.from + wait.length - now) / MINUTE));
}

function isWait(value: unknown): value is Wait {
  const each = value as Partial<Wait> | null;
  return (
    typeof each?.step === 'string' &&
    typeof each.title === 'string' &&
    Number.isFinite(each.from) &&
    Number.isFinite(each.length)
  );
}
