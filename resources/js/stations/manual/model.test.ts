import { describe, expect, it } from 'vitest';
import type { ManualDocument } from '@/shared/api';
import { fittedBefore, partsOf, settingOf, testsOf } from './model';

const step = (number: number, action: string, parts: string[], tests: string[] = []) => ({ number, action, parts: parts.map((designator) => ({ designator })), tests: tests.map((name) => ({ name })) });
const manual = { steps: [step(1, 'solder', ['R1']), step(2, 'gate', [], ['rail']), step(3, 'insert', ['U1'])], skill: 'practised', colour: false } as unknown as ManualDocument;

describe('the manual', () => {
  it('knows the step of every test', () => {
    expect(testsOf(manual).map((each) => [each.step, each.test.name])).toEqual([[2, 'rail']]);
  });

  it('has nothing on the board before the first step, or while none is looked at', () => {
    expect([...fittedBefore(manual, 1)]).toEqual([]);
    expect([...fittedBefore(manual, 3)]).toEqual(['R1']);
    expect([...fittedBefore(manual, null)]).toEqual([]);
    expect([...fittedBefore(null, 3)]).toEqual([]);
  });

  it('reads the parts of a block as they are typed', () => {
    expect(partsOf('R1-R3, C1;  D2')).toEqual(['R1', 'R2', 'R3', 'C1', 'D2']);
    expect(partsOf('R7–9')).toEqual(['R7', 'R8', 'R9']);
    expect(partsOf('R9-R1 BOX1 R1-C4')).toEqual(['R9-R1', 'BOX1', 'R1-C4']);
    expect(partsOf('  ')).toEqual([]);
  });

  it('takes the usual setting where an older release names none', () => {
    expect(settingOf(manual, 'skill')).toBe('practised');
    expect(settingOf(manual, 'colour')).toBe('false');
    expect(settingOf(manual, 'units')).toBe('mm');
  });
});
