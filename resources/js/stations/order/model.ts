import type { Circle, Order, Override, Score, Step } from '@/shared/api';

export function isCycle(order: Order | Circle): order is Circle {
  return 'cycle' in order;
}

/** What is moved: single parts or all of a step. */
export type Grip = { parts: readonly string[]; from: number };

/** Where it would go: into a step, or into a gap; gap n lies before step n. */
export type Target = { kind: 'into'; step: number } | { kind: 'gap'; before: number };

/** The overrides with a move added; an older place of the same parts is replaced. */
export function withMove(
  overrides: readonly Override[],
  steps: readonly Step[],
  grip: Grip,
  target: Target,
): Override[] {
  const kept = overrides
    .map((each) => ({ ...each, parts: each.parts.filter((part) => !grip.parts.includes(part)) }))
    .filter((each) => each.parts.length > 0);
  if (target.kind === 'into') {
    const anchor =
      steps[target.step]?.parts.map((part) => part.designator).filter((name) => !grip.parts.includes(name)) ?? [];
    return anchor.length === 0 ? [...overrides] : [...kept, { parts: [...grip.parts], after: anchor, sameStep: true }];
  }
  for (let index = target.before - 1; index >= 0; index -= 1) {
    const anchor =
      steps[index]?.parts.map((part) => part.designator).filter((name) => !grip.parts.includes(name)) ?? [];
    if (anchor.length > 0) return [...kept, { parts: [...grip.parts], after: anchor, sameStep: false }];
  }
  return [...kept, { parts: [...grip.parts], after: [], sameStep: false }];
}

export function withoutParts(overrides: readonly Override[], parts: readonly string[]): Override[] {
  return overrides
    .map((each) => ({ ...each, parts: each.parts.filter((part) => !parts.includes(part)) }))
    .filter((each) => each.parts.length > 0);
}

export const SCORE_FIELDS: readonly { key: keyof Score; name: string }[] = [
  { key: 'violations', name: 'rules broken' },
  { key: 'inversions', name: 'inversions' },
  { key: 'lookAlikes', name: 'look-alike pairs in one step' },
  { key: 'hanging', name: 'parts hang' },
  { key: 'flips', name: 'flips' },
  { key: 'blockSwitches', name: 'changes of block' },
  { key: 'kindSwitches', name: 'changes of kind' },
  { key: 'valueSwitches', name: 'changes of value' },
  { key: 'steps', name: 'steps' },
];
