import { describe, expect, it } from 'vitest';
import type { ManualDocument } from '@/shared/api';
import { candidates } from './identify';

const row = (designators: string[], bands: string[], text: string, value: string) => ({
  designators,
  quantity: 1,
  value,
  kindName: '',
  bag: 'A',
  direction: '',
  marking: bands.length > 0 ? { type: 'bands' as const, bands, text: '' } : { type: 'code' as const, bands: [], text },
});
const manual = {
  identification: [
    row(['R1'], ['yellow', 'violet', 'brown', 'gold'], '', '470 Ω'),
    row(['R3', 'R7'], ['yellow', 'violet', 'orange', 'gold'], '', '47 kΩ'),
    row(['C4'], [], '104', '100 nF'),
    row(['C9'], [], '22 / 220', '22 pF'),
  ],
  steps: [{ number: 5, parts: [{ designator: 'R7' }] }],
} as unknown as ManualDocument;
const names = (bands: string[], print = '') => candidates(manual, { bands, print }).map((each) => each.designators[0]);

describe('what is this part', () => {
  it('finds parts whose bands begin so, from either end', () => {
    expect(names(['yellow', 'violet'])).toEqual(['R1', 'R3']);
    expect(names(['yellow', 'violet', 'orange'])).toEqual(['R3']);
    expect(names(['gold', 'orange'])).toEqual(['R3']);
    expect(names(['black'])).toEqual([]);
  });
  it('finds parts by what is printed on them or by their value', () => {
    expect(names([], ' 104')).toEqual(['C4']);
    expect(names([], '47k')).toEqual(['R3']);
    expect([names([], '22'), names([], '220')]).toEqual([['C9'], ['C9']]);
  });
  it('asks nothing, finds nothing', () => {
    expect(names([])).toEqual([]);
  });
  it('names the step that fits it, and none where there is none', () => {
    expect(candidates(manual, { bands: ['yellow', 'violet', 'orange'], print: '' })[0]?.step).toBe(5);
    expect(candidates(manual, { bands: [], print: '104' })[0]?.step).toBeNull();
  });
});
