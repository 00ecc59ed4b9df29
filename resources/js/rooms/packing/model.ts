import type { PackWays, Run, RunLine } from '@/shared/api';

export type Way = 'line' | 'bag';

/** The line whose turn it is. */
export function lineNow(run: Run): RunLine | null {
  return run.turn ? (run.lines[run.turn.line] ?? null) : null;
}

/** The lot that pieces of a line come from now: the last one named in this run, else the one of the run before. */
export function lotNow(run: Run, line: number): string {
  const lots = (run.lots as Record<string, string[]>)[String(line)] ?? [];
  return lots[lots.length - 1] ?? (run.usualLots as Record<string, string>)[String(line)] ?? '';
}

/** True where bins bear codes and that of this line was not read in this run. */
export function isUnread(run: Run, line: number): boolean {
  return run.readsBins && ((run.lots as Record<string, string[]>)[String(line)] ?? []).length === 0;
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

/** How full the bag at hand is in each pack, 0 to 1: lines of it that are in, over its lines. */
export function bagFill(run: Run, line: number): number[] {
  const bag = run.lines[line]?.bag;
  const mine = run.lines.flatMap((each, at) => (each.bag === bag ? [at] : []));
  return Array.from({ length: run.packs }, (_, pack) => {
    const there = mine.filter((at) => run.cells[at]?.[pack] === 'i').length;
    return there / Math.max(1, mine.length);
  });
}

type Side = 'top' | 'bottom';
type Placed = Readonly<Record<string, { board: string; side: Side }>>;

/** The board and side that most of these parts sit on, those parts, and how many sit elsewhere; null where none has a place. */
export function placesOf(
  parts: Placed | readonly unknown[],
  designators: readonly string[],
): { board: string; side: Side; lit: ReadonlySet<string>; more: number } | null {
  const faces = new Map<string, { board: string; side: Side; names: string[] }>();
  let all = 0;
  for (const name of designators) {
    const at = Array.isArray(parts) ? undefined : (parts as Placed)[name];
    if (!at) continue;
    all += 1;
    const key = `${at.side} ${at.board}`;
    const face = faces.get(key) ?? { board: at.board, side: at.side, names: [] };
    face.names.push(name);
    faces.set(key, face);
  }
  const [most] = [...faces.values()].sort((a, b) => b.names.length - a.names.length);
  return most ? { board: most.board, side: most.side, lit: new Set(most.names), more: all - most.names.length } : null;
}

/** The way that fills so many bags in less time; line by line while nothing is known. */
export function quickerWay(ways: PackWays | undefined, kits: number): Way {
  return ways?.crossing != null && kits < ways.crossing ? 'bag' : 'line';
}

/** `, about 40 min`: how long a run of so many bags takes. */
export function minutesOf(ways: PackWays | undefined, kits: number, way: Way): string {
  if (!ways || !(kits > 0)) return '';
  const minutes = way === 'line' ? ways.lineStart + kits * ways.lineEach : kits * ways.bagEach;
  return `, about ${String(Math.max(1, Math.round(minutes)))} min${ways.timed ? '' : ' as is usual'}`;
}
