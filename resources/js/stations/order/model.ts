import type { Cycle, Order, Override, Score, Step, StepPart } from '@/shared/api';

export function isCycle(order: Order | Cycle): order is Cycle {
  return 'cycle' in order;
}

const FITS: ReadonlySet<string> = new Set(['solder', 'insert']);

/** Parts on the board before a step: soldered or inserted earlier. */
export function fittedBefore(steps: readonly Step[], index: number): Set<string> {
  return new Set(steps.slice(0, index).filter((step) => FITS.has(step.action)).flatMap((step) => step.parts.map((part) => part.designator)));
}

/** A break in the stair: a step lower than one before it on the same side, by more than half a millimetre. */
export function breaksStair(steps: readonly Step[], index: number): boolean {
  const step = steps[index];
  if (!step || step.height === null) return false;
  const height = step.height;
  return steps.slice(0, index).some((earlier) => earlier.height !== null && earlier.board === step.board && earlier.side === step.side && earlier.height > height + 0.5);
}

/** The rule that explains the place of an exception best: the first that its parts waited for. */
export function placeReason(step: Step): string | null {
  return step.parts.flatMap((part) => part.reasons).find((each) => each.code.startsWith('order.') && each.code !== 'order.apart')?.text ?? null;
}

/** Look-alikes that are kept out of this step. */
export function apartFrom(step: Step): string[] {
  const names = step.parts.flatMap((part) => part.reasons.filter((each) => each.code === 'order.apart').flatMap((each) => (each.numbers as Record<string, unknown>)['designators'] as string[]));
  return [...new Set(names)].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
}

export function hangs(part: StepPart): boolean {
  return ['tack', 'tape', 'putty', 'prop'].includes(part.hold);
}

/** What is moved: single parts or all of a step. */
export type Grip = { parts: readonly string[]; from: number };

/** Where it would go: into a step, or into a gap; gap n lies before step n. */
export type Target = { kind: 'into'; step: number } | { kind: 'gap'; before: number };

/** The overrides with a move added; an older place of the same parts is replaced. */
export function withMove(overrides: readonly Override[], steps: readonly Step[], grip: Grip, target: Target): Override[] {
  const kept = overrides.map((each) => ({ ...each, parts: each.parts.filter((part) => !grip.parts.includes(part)) })).filter((each) => each.parts.length > 0);
  if (target.kind === 'into') {
    const anchor = steps[target.step]?.parts.map((part) => part.designator).filter((name) => !grip.parts.includes(name)) ?? [];
    return anchor.length === 0 ? [...overrides] : [...kept, { parts: [...grip.parts], after: anchor, sameStep: true }];
  }
  for (let index = target.before - 1; index >= 0; index -= 1) {
    const anchor = steps[index]?.parts.map((part) => part.designator).filter((name) => !grip.parts.includes(name)) ?? [];
    if (anchor.length > 0) return [...kept, { parts: [...grip.parts], after: anchor, sameStep: false }];
  }
  return [...kept, { parts: [...grip.parts], after: [], sameStep: false }];
}

export function withoutParts(overrides: readonly Override[], parts: readonly string[]): Override[] {
  return overrides.map((each) => ({ ...each, parts: each.parts.filter((part) => !parts.includes(part)) })).filter((each) => each.parts.length > 0);
}

const FIELDS: readonly { key: keyof Score; one: string; many: string }[] = [
  { key: 'violations', one: 'rule broken', many: 'rules broken' },
  { key: 'inversions', one: 'inversion', many: 'inversions' },
  { key: 'lookAlikes', one: 'look-alike pair in one step', many: 'look-alike pairs in one step' },
  { key: 'hanging', one: 'part hangs', many: 'parts hang' },
  { key: 'flips', one: 'flip', many: 'flips' },
  { key: 'kindSwitches', one: 'change of kind', many: 'changes of kind' },
  { key: 'valueSwitches', one: 'change of value', many: 'changes of value' },
  { key: 'steps', one: 'step', many: 'steps' },
];

export const SCORE_FIELDS = FIELDS;

/** What a move costs, in words: `2 inversions more, 1 step fewer`. */
export function costWords(before: Score, after: Score): string {
  const words = FIELDS.flatMap(({ key, one, many }) => {
    const change = after[key] - before[key];
    if (change === 0) return [];
    const count = Math.abs(change);
    return [`${String(count)} ${count === 1 ? one : many} ${change > 0 ? 'more' : 'fewer'}`];
  });
  return words.length === 0 ? 'costs nothing' : words.join(', ');
}

/** True when the first field that differs got worse. */
export function isWorse(before: Score, after: Score): boolean {
  for (const { key } of FIELDS) {
    if (after[key] !== before[key]) return after[key] > before[key];
  }
  return false;
}
