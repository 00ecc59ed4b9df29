// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import type { ManualStep } from '@/shared/api';
import { begun, keepWaits, keptWaits, minutesLeft } from './waits';

const step = { key: 'cure:L1', title: 'Let cure: varnish', wait: 720 } as ManualStep;

describe('the clock of a cure', () => {
  beforeEach(() => {
    localStorage.clear();
  });

  it('counts whole minutes down to none', () => {
    const wait = begun(step, 1_000_000);
    expect(minutesLeft(wait, 1_000_000)).toBe(720);
    expect(minutesLeft(wait, 1_000_000 + 719.5 * 60_000)).toBe(1);
    expect(minutesLeft(wait, 1_000_000 + 721 * 60_000)).toBe(0);
  });

  it('goes on when the page is closed and opened again', () => {
    keepWaits('a', [begun(step, 5)]);
    expect(keptWaits('a')).toEqual([{ step: 'cure:L1', title: 'Let cure: varnish', from: 5, length: 43_200_000 }]);
    expect(keptWaits('b')).toEqual([]);
  });

  it('takes a damaged entry for none', () => {
    localStorage.setItem('waits a', '{"step":');
    expect(keptWaits('a')).toEqual([]);
    localStorage.setItem('waits a', '[{"step":"x"},7]');
    expect(keptWaits('a')).toEqual([]);
  });
});
