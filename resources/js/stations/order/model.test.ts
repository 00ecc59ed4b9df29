import { describe, expect, it } from 'vitest';
import type { Score, Step } from '@/shared/api';
import { breaksStair, costWords, fittedBefore, isWorse, withMove, withoutParts } from './model';

const step = (number: number, names: string[], height: number | null, action: Step['action'] = 'solder'): Step => ({
  number, title: '', action, board: 'main', side: 'top', parts: names.map((designator) => ({ designator, height, hold: 'bend', gap: 0, reasons: [] })), gate: null, height, joints: 2, minutes: 1, overridden: [], cautions: [], lie: null, time: '', solder: 0, iron: null, prop: null,
});
const score = (over: Partial<Score> = {}): Score => ({ violations: 0, inversions: 0, lookAlikes: 0, hanging: 0, flips: 0, blockSwitches: 0, kindSwitches: 3, valueSwitches: 1, steps: 4, ...over });
const steps = [step(1, ['R1', 'R2'], 2.5), step(2, ['C1'], 11), step(3, ['D1'], 2), step(4, ['U1'], 8, 'insert')];

describe('the order model', () => {
  it('knows what is on the board before a step', () => {
    expect([...fittedBefore(steps, 2)]).toEqual(['R1', 'R2', 'C1']);
  });

  it('sees a break in the stair', () => {
    expect(breaksStair(steps, 1)).toBe(false);
    expect(breaksStair(steps, 2)).toBe(true);
  });

  it('anchors a move to the parts of the step it follows', () => {
    expect(withMove([], steps, { parts: ['D1'], from: 2 }, { kind: 'gap', before: 1 })).toEqual([{ parts: ['D1'], after: ['R1', 'R2'], sameStep: false }]);
    expect(withMove([], steps, { parts: ['D1'], from: 2 }, { kind: 'gap', before: 0 })).toEqual([{ parts: ['D1'], after: [], sameStep: false }]);
    expect(withMove([], steps, { parts: ['D1'], from: 2 }, { kind: 'into', step: 0 })).toEqual([{ parts: ['D1'], after: ['R1', 'R2'], sameStep: true }]);
  });

  it('replaces an older place of the same part and leaves other overrides', () => {
    const old = [{ parts: ['D1', 'C1'], after: ['R1'], sameStep: false }];
    expect(withMove(old, steps, { parts: ['D1'], from: 2 }, { kind: 'gap', before: 0 })[0]).toEqual({ parts: ['C1'], after: ['R1'], sameStep: false });
    expect(withoutParts(old, ['D1', 'C1'])).toEqual([]);
  });

  it('says what a move costs, the heaviest first', () => {
    expect(costWords(score(), score({ inversions: 2, steps: 3 }))).toBe('2 inversions more, 1 step fewer');
    expect(costWords(score(), score())).toBe('costs nothing');
    expect(isWorse(score(), score({ inversions: 1, steps: 1 }))).toBe(true);
    expect(isWorse(score({ inversions: 1 }), score({ steps: 9 }))).toBe(false);
  });
});
