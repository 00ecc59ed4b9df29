import { describe, expect, it } from 'vitest';
import type { Step } from '@/shared/api';
import { withMove, withoutParts } from './model';

const step = (number: number, names: string[], height: number | null, action: Step['action'] = 'solder'): Step => ({
  number,
  title: '',
  action,
  board: 'main',
  side: 'top',
  parts: names.map((designator) => ({ designator, height, hold: 'bend', gap: 0, hangs: false, reasons: [] })),
  gate: null,
  height,
  joints: 2,
  minutes: 1,
  overridden: [],
  cautions: [],
  lie: null,
  time: '',
  solder: 0,
  iron: null,
  prop: null,
  fits: names,
  breaksStair: false,
  why: null,
  apart: [],
  uses: [],
  with: [],
});
const steps = [step(1, ['R1', 'R2'], 2.5), step(2, ['C1'], 11), step(3, ['D1'], 2), step(4, ['U1'], 8, 'insert')];

describe('the order model', () => {
  it('anchors a move to the parts of the step it follows', () => {
    expect(withMove([], steps, { parts: ['D1'], from: 2 }, { kind: 'gap', before: 1 })).toEqual([
      { parts: ['D1'], after: ['R1', 'R2'], sameStep: false },
    ]);
    expect(withMove([], steps, { parts: ['D1'], from: 2 }, { kind: 'gap', before: 0 })).toEqual([
      { parts: ['D1'], after: [], sameStep: false },
    ]);
    expect(withMove([], steps, { parts: ['D1'], from: 2 }, { kind: 'into', step: 0 })).toEqual([
      { parts: ['D1'], after: ['R1', 'R2'], sameStep: true },
    ]);
  });

  it('replaces an older place of the same part and leaves other overrides', () => {
    const old = [{ parts: ['D1', 'C1'], after: ['R1'], sameStep: false }];
    expect(withMove(old, steps, { parts: ['D1'], from: 2 }, { kind: 'gap', before: 0 })[0]).toEqual({
      parts: ['C1'],
      after: ['R1'],
      sameStep: false,
    });
    expect(withoutParts(old, ['D1', 'C1'])).toEqual([]);
  });
});
