import type { BuilderPage } from '@/shared/api';
import { isObject, keep, recall } from '@/shared/keep';

type Trouble = NonNullable<BuilderPage['trouble']>;
type Node = Trouble['nodes'][number];
type Check = Trouble['checks'][number];
type Cause = Trouble['causes'][number];

/** How a look came out: as drawn, not so, not to be done, or the part that is odd. */
export type Answer = 'good' | 'bad' | 'cannot' | `odd ${string}`;
type Step = { node: number; answer: Answer; shown: string };
/** A search for a fault, as far as it went; kept on this device. */
export type Search = { symptom: string; path: readonly Step[] };

export type Place =
  | { at: 'look'; node: number; check: Check; odd: readonly string[] }
  | { at: 'cause'; causes: readonly Cause[] }
  | { at: 'write'; causes: readonly Cause[] };

/** Where a search stands; the tree was worked out ahead, and nothing is computed here. */
export function placeOf(trouble: Trouble, search: Search): Place {
  const last = search.path.at(-1);
  const at = last === undefined ? trouble.starts[search.symptom] : nextOf(trouble.nodes[last.node], last.answer);
  const node = at === undefined ? undefined : trouble.nodes[at];
  if (at === undefined || node === undefined) return { at: 'write', causes: [] };
  const check = node.check === undefined ? undefined : trouble.checks[node.check];
  if (check) return { at: 'look', node: at, check, odd: Object.keys(node.odd ?? {}) };
  const causes = (node.causes ?? []).flatMap((index) => trouble.causes[index] ?? []);
  return node.sure === true ? { at: 'cause', causes } : { at: 'write', causes };
}

function nextOf(node: Node | undefined, answer: Answer): number | undefined {
  if (answer === 'good' || answer === 'bad' || answer === 'cannot') return node?.[answer];
  return node?.odd?.[answer.slice(4)];
}

/** What was looked at and found, as it goes with a report. */
export function checksOf(trouble: Trouble, search: Search): { check: string; answer: string }[] {
  return search.path.flatMap(({ node, answer, shown }) => {
    const index = trouble.nodes[node]?.check;
    const check = index === undefined ? undefined : trouble.checks[index];
    return check ? [{ check: check.name, answer: shown === '' ? answer : `${answer} (${shown})` }] : [];
  });
}

/** The same in one line: `step 1 as drawn=good; rail=bad (4.1 V)`. */
export function toldChecks(trouble: Trouble, search: Search): string {
  return checksOf(trouble, search)
    .map(({ check, answer }) => `${check}=${answer}`)
    .join('; ');
}

/** Whether what a meter shows is as it should be; null where that is no number, or nobody knows. */
export function isAsExpected(check: Check, typed: string): boolean | null {
  const found = /^([+\-−]?\d+(?:[.,]\d+)?)\s*([mkMµun]?)(?:V|A|Hz|s|Ω|ohm|F|H|W)?$/.exec(typed.trim());
  if (!found || check.pass === null) return null;
  const factors: Readonly<Record<string, number>> = { m: 1e-3, k: 1e3, M: 1e6, µ: 1e-6, u: 1e-6, n: 1e-9 };
  const value = Number((found[1] ?? '').replace(',', '.').replace('−', '-')) * (factors[found[2] ?? ''] ?? 1);
  return value >= (check.pass.low ?? -Infinity) && value <= (check.pass.high ?? Infinity);
}

function isSearch(value: unknown): value is Search {
  return (
    isObject(value) &&
    typeof value['symptom'] === 'string' &&
    Array.isArray(value['path']) &&
    value['path'].every(
      (step) => isObject(step) && typeof step['node'] === 'number' && typeof step['answer'] === 'string',
    )
  );
}

export function keptSearch(token: string): Search | null {
  return recall<Search | null>(`search ${token}`, isSearch, null);
}

export function keepSearch(token: string, search: Search | null): void {
  keep(`search ${token}`, search);
}
