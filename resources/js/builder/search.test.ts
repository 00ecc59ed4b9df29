import { describe, expect, it } from 'vitest';
import { checksOf, isAsExpected, placeOf } from './search';

const check = (name: string, pass: { low: number | null; high: number | null } | null = null) => ({
  name,
  kind: 'step-directions',
  ask: `${name}?`,
  parts: ['D1', 'D2'],
  step: 1,
  instrument: '',
  pass,
});
const trouble = {
  symptoms: [{ id: 'dark', name: 'dark', own: false }],
  stop: false,
  starts: { dark: 0 },
  nodes: [
    { check: 0, good: 1, bad: 2, cannot: 3, odd: { D1: 4 } },
    { check: 1, good: 3, bad: 3, cannot: 3 },
    { causes: [0], sure: false },
    { causes: [], sure: false },
    { causes: [0], sure: true },
  ],
  checks: [check('step 1'), check('rail', { low: 4.8, high: 5.2 })],
  causes: [{ name: 'D1 reversed', cause: 'reversed' as const, parts: ['D1'], do: 'Turn D1.' }],
};

describe('a search for a fault', () => {
  it('begins at the first look of what was noticed', () => {
    expect(placeOf(trouble, { symptom: 'dark', path: [] })).toMatchObject({ at: 'look', node: 0, odd: ['D1'] });
  });

  it('ends at the cause where the odd part was tapped', () => {
    const place = placeOf(trouble, { symptom: 'dark', path: [{ node: 0, answer: 'odd D1', shown: '' }] });
    expect(place).toMatchObject({ at: 'cause', causes: [{ do: 'Turn D1.' }] });
  });

  it('ends in a letter where the tree ends, or does not know what was noticed', () => {
    expect(placeOf(trouble, { symptom: 'dark', path: [{ node: 0, answer: 'bad', shown: '' }] }).at).toBe('write');
    expect(placeOf(trouble, { symptom: 'loud', path: [] }).at).toBe('write');
    expect(placeOf(trouble, { symptom: 'dark', path: [{ node: 99, answer: 'good', shown: '' }] }).at).toBe('write');
  });

  it('tells what was found, with what the meter showed', () => {
    const path = [
      { node: 0, answer: 'good' as const, shown: '' },
      { node: 1, answer: 'bad' as const, shown: '4.1 V' },
    ];
    expect(checksOf(trouble, { symptom: 'dark', path })).toEqual([
      { check: 'step 1', answer: 'good' },
      { check: 'rail', answer: 'bad (4.1 V)' },
    ]);
  });

  it.each([
    ['5.0 V', true],
    ['4,8', true],
    ['4.79', false],
    ['5200 mV', true],
    ['5300mV', false],
    ['about five', null],
    ['', null],
  ])('reads %s', (typed, is) => {
    expect(isAsExpected(check('rail', { low: 4.8, high: 5.2 }), typed)).toBe(is);
  });
});
