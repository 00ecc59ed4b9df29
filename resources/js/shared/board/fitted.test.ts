import { describe, expect, it } from 'vitest';
import { fittedBefore } from './fitted';

const steps = [
  { number: 1, fits: ['R1', 'R2'] },
  { number: 2, fits: [] },
  { number: 3, fits: ['U1'] },
];

describe('what is on the board before a step', () => {
  it('is what the steps before it fit', () => {
    expect([...(fittedBefore(steps, 3) ?? [])]).toEqual(['R1', 'R2']);
    expect([...(fittedBefore(steps, 1) ?? [])]).toEqual([]);
    expect([...(fittedBefore(steps, Infinity) ?? [])]).toEqual(['R1', 'R2', 'U1']);
  });
  it('is not told apart while no step is looked at', () => {
    expect(fittedBefore(steps, null)).toBeNull();
  });
});
