import { describe, expect, it } from 'vitest';
import { stoppedAt, took } from './took';

const TIME = { number: 3, key: 'solder:R1', builders: 12, median: 6.2, low: 4.5, high: 9, stopped: 2 };

describe('how long builders took', () => {
  it('is said with the middle half, and against what is planned', () => {
    expect(took(TIME, 5)).toBe('Builders take 6.2 min, half of them 4.5 to 9.0 (12 counted).');
    expect(took(TIME, 4.4)).toContain(', longer than planned');
    expect(took(TIME, 9.1)).toContain(', shorter than planned');
  });

  it('is not said while few are counted', () => {
    expect(took({ ...TIME, median: null }, 5)).toBe('');
    expect(took(undefined, 5)).toBe('');
  });

  it('says who stopped', () => {
    expect(stoppedAt(TIME)).toBe('2 builders have not gone on from here.');
    expect(stoppedAt({ ...TIME, stopped: 1 })).toBe('1 builder has not gone on from here.');
    expect(stoppedAt({ ...TIME, stopped: 0 })).toBe('');
  });
});
