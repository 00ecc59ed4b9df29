import { isObject } from '@/shared/keep';
import type { ManualStep, PilotLog } from '@/shared/api';

type Row = PilotLog['rows'][number];

/** A stopwatch that survives a reload: what it had when it last stood, and since when it runs. */
export type Watch = { stood: number; since: number | null };

export const STOPPED: Watch = { stood: 0, since: null };

export function isWatch(value: unknown): value is Watch {
  return (
    isObject(value) && Number.isFinite(value['stood']) && (value['since'] === null || Number.isFinite(value['since']))
  );
}

export function elapsed(watch: Watch, now: number): number {
  return watch.stood + (watch.since === null ? 0 : Math.max(0, now - watch.since));
}

export function toggled(watch: Watch, now: number): Watch {
  return watch.since === null ? { stood: watch.stood, since: now } : { stood: elapsed(watch, now), since: null };
}

/** `4:07`, from milliseconds. */
export function clock(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  return `${String(Math.floor(seconds / 60))}:${String(seconds % 60).padStart(2, '0')}`;
}

/** Minutes with two decimals, as the log holds them. */
export function minutesOf(ms: number): string {
  return (ms / 60_000).toFixed(2);
}

/** The pilot build that goes on: the last one, or a new one after one that logged every step. */
export function buildNow(rows: readonly Row[], steps: readonly ManualStep[]): number {
  const last = Math.max(0, ...rows.map((row) => Number(row.build)));
  if (last === 0) return 1;
  const done = new Set(rows.filter((row) => Number(row.build) === last).map((row) => row.step));
  return steps.every((step) => done.has(step.key)) ? last + 1 : last;
}

/** The first step that is not logged in a build; null where all are. */
export function nextStep(rows: readonly Row[], steps: readonly ManualStep[], build: number): number | null {
  const done = new Set(rows.filter((row) => Number(row.build) === build).map((row) => row.step));
  const index = steps.findIndex((step) => !done.has(step.key));
  return index < 0 ? null : index;
}

/** Builds with their minutes and snags, the newest first. */
export function builds(rows: readonly Row[]): { build: number; minutes: number; steps: number; snags: number }[] {
  const all = new Map<number, { build: number; minutes: number; steps: number; snags: number }>();
  // Readings are logged among the steps and are none.
  for (const row of rows.filter((each) => !each.step.startsWith('reading:'))) {
    const build = Number(row.build);
    const now = all.get(build) ?? { build, minutes: 0, steps: 0, snags: 0 };
    all.set(build, {
      build,
      minutes: now.minutes + Number(row.minutes),
      steps: now.steps + 1,
      snags: now.snags + (row.snag === '' ? 0 : 1),
    });
  }
  return [...all.values()].sort((a, b) => b.build - a.build);
}
