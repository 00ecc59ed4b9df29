import { describe, expect, it } from 'vitest';
import type { ManualStep } from '@/shared/api';
import { buildNow, builds, clock, elapsed, isWatch, minutesOf, nextStep, STOPPED, toggled } from './model';

const row = (build: string, step: string, minutes = '2', snag = '') => ({
  build,
  step,
  minutes,
  snag,
  settled: '',
  photo: '',
});
const steps = [{ key: 'solder:R1' }, { key: 'solder:C1' }] as ManualStep[];

describe('the pilot build', () => {
  it('runs a stopwatch that stands, runs on and survives a reload', () => {
    const running = toggled(STOPPED, 1_000);
    expect(elapsed(running, 4_000)).toBe(3_000);
    const stood = toggled(running, 5_000);
    expect(elapsed(stood, 99_000)).toBe(4_000);
    expect(elapsed(toggled(stood, 100_000), 101_500)).toBe(5_500);
  });

  it('tells the time as a clock and the log in minutes', () => {
    expect([clock(0), clock(247_900), minutesOf(247_900)]).toEqual(['0:00', '4:07', '4.13']);
  });

  it('goes on where the last build stopped, and begins the next after a whole one', () => {
    expect(buildNow([], steps)).toBe(1);
    expect([buildNow([row('1', 'solder:R1')], steps), nextStep([row('1', 'solder:R1')], steps, 1)]).toEqual([1, 1]);
    const whole = [row('1', 'solder:R1'), row('1', 'solder:C1', '3', 'C1 sits askew')];
    expect([buildNow(whole, steps), nextStep(whole, steps, 1), nextStep(whole, steps, 2)]).toEqual([2, null, 0]);
    expect(builds(whole)).toEqual([{ build: 1, minutes: 5, steps: 2, snags: 1 }]);
  });
});

describe('a watch kept on the device', () => {
  it.each([
    [STOPPED, true],
    [{ stood: 1.5, since: 7 }, true],
    [{ stood: 1.5, since: '7' }, false],
    [{ stood: null, since: null }, false],
    [null, false],
    [[], false],
  ])('%j counts: %s', (kept, counts) => {
    expect(isWatch(kept)).toBe(counts);
  });
});
