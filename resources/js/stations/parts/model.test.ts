import { describe, expect, it } from 'vitest';
import type { PartLine } from '@/shared/api';
import { cellText, filtered, sorted, valueText } from './model';

const line = (over: Partial<PartLine>): PartLine => ({
  row: 2,
  designators: ['R1'],
  quantity: 1,
  length: null,
  value: '4700',
  unit: 'ohm',
  display: '4.7\u2009kΩ',
  tolerance: '5',
  text: '4k7 5%',
  description: '',
  kind: 'resistor',
  kindName: 'resistor',
  confidence: 0.9,
  question: false,
  candidates: [],
  package: '',
  outline: 'axial-1/4W',
  height: 2.5,
  heightSource: 'package outline',
  polarised: false,
  mark: null,
  supply: 'kit',
  sensitivity: 'none',
  legend: null,
  socket: null,
  placed: true,
  marking: { type: 'bands', bands: ['yellow', 'violet', 'red', 'gold'], text: '' },
  alike: [],
  alikeInAll: 0,
  prints: '',
  usedAt: '',
  legendRead: null,
  note: '',
  substitutes: { allowed: [], forbidden: [], warnings: [], dependents: [] },
  reasons: [],
  ...over,
});

describe('the parts table', () => {
  it('shows a value in house style with its tolerance', () => {
    expect(valueText(line({}))).toBe('4.7\u2009kΩ 5\u2009%');
    expect(valueText(line({ display: '2.2\u2009pF', tolerance: '0.25pF' }))).toBe('2.2\u2009pF 0.25pF');
  });

  it('leaves rows without a designator unnamed', () => {
    expect(cellText(line({ designators: ['~32'] }), 'refs')).toBe('');
  });

  it('sorts values by size and names by number', () => {
    const lines = [line({ designators: ['R10'], value: '10000' }), line({ designators: ['R9'], value: '470' })];
    expect(sorted(lines, 'value', false).map((each) => each.value)).toEqual(['470', '10000']);
    expect(sorted(lines, 'refs', false).map((each) => each.designators[0])).toEqual(['R9', 'R10']);
  });

  it('finds a line by what it shows or by what was typed', () => {
    expect(filtered([line({}), line({ text: 'LM393', display: null })], '4k7')).toHaveLength(1);
  });
});
