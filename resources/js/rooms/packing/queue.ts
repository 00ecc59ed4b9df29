import type { PackAction, Run } from '@/shared/api';
import { isObject } from '@/shared/keep';

/** A key that was pressed and is not confirmed yet. */
export type Key = Readonly<{
  operationId: string;
  action: PackAction;
  line: number;
  pack: number;
  lot?: string;
  /** How many keys the run had taken when this one was meant. */
  after: number;
}>;

export type Turn = Readonly<{ line: number; pack: number }>;

/** Where a run stands once the keys that wait are through; null when every bag is full. */
export function turnAfter(run: Run, keys: readonly Key[]): Turn | null {
  const filled = keys.reduce(
    (done, { action }) => done + (action === 'in' || action === 'short' ? 1 : 0) - (action === 'undo' ? 1 : 0),
    run.done,
  );
  if (filled >= run.cellsInAll) return null;
  return at(run, Math.max(0, filled));
}

/** The pocket that is filled as the n-th, from 0. */
function at({ way, lines, packs }: Run, filled: number): Turn {
  return way === 'bag'
    ? { line: filled % lines.length, pack: Math.floor(filled / lines.length) }
    : { line: Math.floor(filled / packs), pack: filled % packs };
}

/** False where only the server knows what stands after these keys: an undo that reaches behind them may take back a lot or a hole. */
function isForeseen(keys: readonly Key[]): boolean {
  let bags = 0;
  for (const { action } of keys) {
    if (action === 'lot' || action === 'fill') return false;
    bags += action === 'undo' ? -1 : 1;
    if (bags < 0) return false;
  }
  return true;
}

/** The key that follows those that wait; null where there is nothing it could be meant for. */
export function keyFor(
  run: Run,
  keys: readonly Key[],
  action: PackAction,
  operationId: string,
  said: { lot?: string; at?: Turn } = {},
): Key | null {
  const turn = said.at ?? turnAfter(run, keys) ?? (action === 'undo' ? { line: 0, pack: 0 } : null);
  if (turn === null || !isForeseen(keys)) return null;
  return {
    operationId,
    action,
    line: turn.line,
    pack: turn.pack,
    ...(said.lot === undefined ? {} : { lot: said.lot }),
    after: run.sequence + keys.length,
  };
}

/** The signs of one line with what waits: `w` for a key that is not confirmed. */
export function waiting(run: Run, keys: readonly Key[], line: number): string {
  const signs = Array.from(run.cells[line] ?? '');
  for (const key of keys)
    if (key.line === line && (key.action === 'in' || key.action === 'short' || key.action === 'fill'))
      signs[key.pack] = 'w';
  return signs.join('');
}

const ACTIONS: Readonly<Record<PackAction, string>> = {
  in: 'into',
  short: 'short in',
  fill: 'filled in',
  undo: 'undo before',
  lot: 'new lot from',
};

/** What a key did or was to do, as the packer thinks of it. */
export function keyWords(run: Run, key: Key): string {
  const item = run.lines[key.line]?.item;
  const names = item?.designators.filter((name) => !name.startsWith('~')) ?? [];
  return `${names.length > 0 ? names.join(' ') : (item?.kindName ?? 'line')} ${ACTIONS[key.action]} kit ${String(key.pack + 1)}`;
}

export function isKeys(value: unknown): value is Key[] {
  return (
    Array.isArray(value) &&
    value.every(
      (each) =>
        isObject(each) &&
        typeof each['operationId'] === 'string' &&
        typeof each['action'] === 'string' &&
        typeof each['line'] === 'number' &&
        typeof each['pack'] === 'number' &&
        typeof each['after'] === 'number',
    )
  );
}
