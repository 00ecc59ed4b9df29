import { describe, expect, it } from 'vitest';
import type { Bags } from '@/shared/api';
import { bagOf, freshName, names, rowsOf } from './model';

const item = (designators: string[], quantity = designators.length) => ({
  designators,
  quantity,
  length: null,
  value: '10 kΩ',
  kind: 'resistor',
  kindName: 'resistor',
  outline: 'axial-1/4W',
  marking: null,
});
const bag = (name: string, ...items: ReturnType<typeof item>[]) => ({
  name,
  title: 'Resistors',
  items,
  esd: false,
  cushioned: false,
  size: '60x80',
  overridden: [],
  reasons: [],
});
const bags: Bags = {
  school: 'by-kind',
  bags: [bag('A', item(['R1', 'R2'])), bag('B', item(['~9'], 4)), bag('D')],
  conflicts: [],
  cuts: [],
  brought: [],
};

describe('bags', () => {
  it('takes the first letter that no bag has', () => {
    expect(freshName(bags)).toBe('C');
    expect(
      freshName({
        ...bags,
        bags: 'A B C D E F G H I J K L M N O P Q R S T U V W X Y Z'.split(' ').map((name) => bag(name)),
      }),
    ).toBe('AA');
  });
  it('finds the bag of a part, and none for a stranger', () => {
    expect(bagOf(bags, 'R2')).toBe('A');
    expect(bagOf(bags, 'Q1')).toBeNull();
  });
  it('shows no name for rows that have none', () => {
    expect(names(['~9'])).toBe('');
    expect(rowsOf(bags)[2]).toEqual(['B', '4', '', '10 kΩ', 'resistor']);
  });
});
