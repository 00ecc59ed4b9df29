import type { Run, RunLine } from '@/shared/api';

/** The line whose turn it is. */
export function lineNow(run: Run): RunLine | null {
  return run.turn ? (run.lines[run.turn.line] ?? null) : null;
}

/** The lot that pieces of a line come from now: the last one named in this run, else the one of the run before. */
export function lotNow(run: Run, line: number): string {
  const lots = (run.lots as Record<string, string[]>)[String(line)] ?? [];
  return lots[lots.length - 1] ?? (run.usualLots as Record<string, string>)[String(line)] ?? '';
}

/** Minutes left at the pace so far; null before a pace can be told. */
export function minutesLeft(run: Run, now: number): number | null {
  if (!run.began || run.done < 3) return null;
  const gone = Math.max(0.2, (now - Date.parse(run.began)) / 60_000);
  // After a long pause the clock says nothing about the pace.
  const pace = Math.min(gone / run.done, 0.5);
  return Math.max(1, Math.round(pace * (run.cellsInAll - run.done)));
}

/** Holes, those first that what is on hand completes. */
export function holesOf(run: Run): Run['holes'] {
  return [...run.holes].sort((a, b) => Number(b.canBeFilled) - Number(a.canBeFilled) || a.pack - b.pack);
}

/** Designators in words; rows without any by their value. */
export function headline(line: RunLine): string {
  const names = line.item.designators.filter((name) => !name.startsWith('~'));
  return names.length === 0 ? line.item.kindName : names.join(' ');
}
