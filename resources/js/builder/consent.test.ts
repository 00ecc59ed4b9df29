import { describe, expect, it } from 'vitest';
import { minutesOf } from './consent';

describe('minutes of a step', () => {
  it('are told with consent alone', () => {
    expect(minutesOf(0, 90_000, true)).toBe(1.5);
    expect(minutesOf(0, 90_000, false)).toBe(null);
  });

  it('are none where the step was never opened, the clock was set back, or it lay open for long', () => {
    expect(minutesOf(null, 90_000, true)).toBe(null);
    expect(minutesOf(90_000, 0, true)).toBe(null);
    expect(minutesOf(0, 600 * 60_000, true)).toBe(600);
    expect(minutesOf(0, 601 * 60_000, true)).toBe(null);
  });
});
