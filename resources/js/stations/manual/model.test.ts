import { describe, expect, it } from 'vitest';
import type { ManualDocument } from '@/shared/api';
import { settingOf, testsOf } from './model';

const step = (number: number, action: string, parts: string[], tests: string[] = []) => ({
  number,
  action,
  parts: parts.map((designator) => ({ designator })),
  tests: tests.map((name) => ({ name })),
});
const manual = {
  steps: [step(1, 'solder', ['R1']), step(2, 'gate', [], ['rail']), step(3, 'insert', ['U1'])],
  skill: 'practised',
  colour: false,
} as unknown as ManualDocument;

describe('the manual', () => {
  it('knows the step of every test', () => {
    expect(testsOf(manual).map((each) => [each.step, each.test.name])).toEqual([[2, 'rail']]);
  });

  it('takes the usual setting where an older release names none', () => {
    expect(settingOf(manual, 'skill')).toBe('practised');
    expect(settingOf(manual, 'colour')).toBe('false');
    expect(settingOf(manual, 'units')).toBe('mm');
  });
});
