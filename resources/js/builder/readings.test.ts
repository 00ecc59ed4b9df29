import { describe, expect, it } from 'vitest';
import { unitOf, verdict } from './readings';

const rail = { expect: '4.77 to 5.43\u2009V', unit: 'V', range: { low: 4.77, high: 5.43 } };
const zero = { expect: '-1 to 1 mV', unit: 'V', range: { low: -0.001, high: 0.001 } };
const load = { expect: 'at least 900 ohm', unit: 'ohm', range: { low: 900, high: null } };

describe('what the builder reads', () => {
  it.each([
    ['5.1', rail, 'in'],
    ['5,1 V', rail, 'in'],
    ['5100 mV', rail, 'in'],
    ['4.77', rail, 'in'],
    ['4.2', rail, 'out'],
    ['-0.4', zero, 'in'],
    ['−1.4', zero, 'out'],
    ['0.0004 V', zero, 'in'],
    ['1.2 k', load, 'in'],
    ['820', load, 'out'],
    ['nothing', rail, 'unread'],
    ['', rail, 'unread'],
  ])('takes %s', (typed, test, expected) => {
    expect(verdict(test, typed)).toBe(expected);
  });

  it('counts in the unit that is printed', () => {
    expect(unitOf(zero)).toEqual({ name: 'mV', factor: 0.001 });
    expect(unitOf(load)).toEqual({ name: 'Ω', factor: 1 });
  });
});
