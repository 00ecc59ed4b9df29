import { describe, expect, it } from 'vitest';
import { axis, draftOf, EMPTY, fileOf, shown } from './model';

describe('a test of the bench', () => {
  it('goes into the form and back as the kit file holds it', () => {
    const test = {
      name: 'rail',
      step: 4,
      gate: 'supply',
      power: 'on',
      instrument: 'multimeter',
      accuracy: '',
      points: ['TP1', 'TP2'],
      settings: '',
      expect: 'zener(ZD1)',
      adjusts: null,
      otherwise: 'check ZD1',
      fault: '',
      printed: '',
      range: null,
      unit: 'V',
      reading: null,
    };
    expect(fileOf(draftOf(test))).toMatchObject({
      name: 'rail',
      gate: 'supply',
      adjusts: null,
      points: ['TP1', 'TP2'],
      expect: 'zener(ZD1)',
    });
  });

  it('leaves out empty points', () => {
    expect(fileOf({ ...EMPTY, name: ' span ', points: 'TP1, ; TP2' })).toMatchObject({
      name: 'span',
      points: ['TP1', 'TP2'],
    });
  });
});

describe('the scale of the picture', () => {
  it.each([
    [4.845, 'V', 5.4, '4.845 V'],
    [0.0091, 'A', 0.01, '9.1 mA'],
    [-0.001, 'V', 0.001, '−1 mV'],
    [9500, 'ohm', 10500, '9.5 kΩ'],
    [0.5, '', 1, '0.5'],
  ])('writes %f %s', (value, unit, span, text) => {
    expect(shown(value, unit, span)).toBe(text);
  });

  it('shows every closed end with room about it', () => {
    expect(axis([{ low: 1, high: 2 }, { low: null, high: 3 }, null])).toEqual({ from: 1 - 0.24, to: 3 + 0.24 });
    expect(axis([{ low: null, high: null }])).toBeNull();
  });
});
