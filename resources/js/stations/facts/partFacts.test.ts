import { describe, expect, it } from 'vitest';
import { faultOf, rowsOf, valueOf } from './model';
import { fieldsOf, flat, PART, pinsTyped } from './partFacts';

describe('facts of one part', () => {
  const line = {
    kind: 'display',
    height: 8,
    polarity: { mark: 'dot', terminal: 'pin 1', pin: '1' },
    reversed: { consequence: 'itself-damaged', replace: ['U1', 'Q1'] },
    pins: { '1': [-6.35, -7.62], '2': [-3.81, -7.62] },
  };

  it('come back as they were, and nothing is changed', () => {
    const rows = rowsOf(PART, flat(line));
    expect(rows[0]?.['pins']).toBe('1: -6.35 -7.62; 2: -3.81 -7.62');
    expect(fieldsOf(valueOf(PART, rows, flat(line)) as Record<string, unknown>, line)).toEqual([]);
  });

  it('only what is said anew is a change, and what is emptied is said no more', () => {
    const rows = rowsOf(PART, flat(line)).map((row) => ({ ...row, at: '90', pins: '', hold: 'tape' }));
    expect(Object.fromEntries(fieldsOf(valueOf(PART, rows, flat(line)) as Record<string, unknown>, line))).toEqual({
      polarity: { mark: 'dot', terminal: 'pin 1', pin: '1', at: 90 },
      pins: null,
      hold: 'tape',
    });
  });

  it('pins that cannot be read are told', () => {
    expect(pinsTyped('1: 0 0; 2: 5.08 0')).toEqual({ '1': [0, 0], '2': [5.08, 0] });
    expect(pinsTyped('1: 0')).toBeNull();
    expect(pinsTyped(': 0 0')).toBeNull();
    expect(faultOf(PART, { leadLength: 'long' })).toContain('a number is wanted');
  });
});
