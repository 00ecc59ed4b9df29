import { describe, expect, it } from 'vitest';
import type { ManualStep } from '@/shared/api';
import { phrasesOf } from './phrases';
import { cautionsAt, firstOpen, merged, summary } from './model';

const step = (number: number, names: string[], action = 'solder'): ManualStep => ({
  number,
  key: `${action}:${names.join(',')}`,
  title: 'Resistors',
  ownWords: false,
  note: '',
  action,
  board: 'main',
  side: 'top',
  minutes: 2.2,
  joints: names.length * 2,
  fits: [],
  parts: names.map((designator) => ({
    designator,
    value: '',
    kindName: '',
    marking: null,
    hold: '',
    printed: null,
    bag: null,
  })),
  callouts: [],
  tips: [],
  cautions: [],
  gate: null,
  tests: [],
  remaining: {},
});
const steps = [step(1, ['R1', 'R2']), step(2, ['U1'], 'insert'), step(3, ['RV1'], 'adjust')];

describe('the builder’s page', () => {
  it('puts ticks that are not sent yet on top of those the server knows', () => {
    const done = merged(
      ['a', 'b'],
      [
        { operationId: '1', step: 'b', done: false },
        { operationId: '2', step: 'c', done: true },
      ],
    );
    expect([...done].sort()).toEqual(['a', 'c']);
  });
  it('opens at the first step that is not done', () => {
    expect(firstOpen(steps, new Set())).toBe(0);
    expect(firstOpen(steps, new Set(['solder:R1,R2']))).toBe(1);
    expect(firstOpen(steps, new Set(steps.map((each) => each.key)))).toBe(3);
  });
  it('says a caution in full once, and by its first words at later steps', () => {
    const iron = { ...step(1, ['R1']), cautions: ['The iron burns: put it back.'] };
    const both = { ...step(2, ['R2']), cautions: ['The iron burns: put it back.', 'Leaded solder: wash your hands.'] };
    expect(cautionsAt([iron, both], 0)).toEqual({ fresh: ['The iron burns: put it back.'], known: '' });
    expect(cautionsAt([iron, both], 1)).toEqual({
      fresh: ['Leaded solder: wash your hands.'],
      known: 'The iron burns.',
    });
  });
  it('says a step in one line', () => {
    expect(summary(step(4, ['D1']), 12, phrasesOf('en'))).toBe('Step 4 of 12. One part, 2 joints, about 2 min.');
    expect(summary({ ...step(5, []), joints: 0, minutes: 0.2 }, 12, phrasesOf('en'))).toBe(
      'Step 5 of 12. About 1 min.',
    );
  });
});
