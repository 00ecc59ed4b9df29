import { describe, expect, it } from 'vitest';
import { howTested } from './howTested';

describe('how a test is made', () => {
  it.each([
    [
      { instrument: 'multimeter', settings: '20 V range', power: 'off', points: ['TP1', 'TP2'] },
      'multimeter, 20 V range, power off, from TP1 to TP2',
    ],
    [{ instrument: 'your eye', points: [] }, 'your eye'],
  ])('says %o', (test, text) => {
    expect(howTested(test)).toBe(text);
  });
});
