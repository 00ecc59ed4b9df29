import { describe, expect, it } from 'vitest';
import { choose, optionWords, valueOf } from './options';

const OPTIONS = [
  { name: 'power', values: ['battery', 'jack'], default: 'battery' },
  { name: 'box', values: ['plain', 'drilled'], default: 'plain' },
];

describe('the choice of options', () => {
  it('names only what is not the default, sorted', () => {
    expect(choose(OPTIONS, '', 'power', 'jack')).toBe('power=jack');
    expect(choose(OPTIONS, 'power=jack', 'box', 'drilled')).toBe('box=drilled;power=jack');
    expect(choose(OPTIONS, 'box=drilled;power=jack', 'power', 'battery')).toBe('box=drilled');
  });

  it('drops a value that the kit does not have', () => {
    expect(choose(OPTIONS, 'box=painted', 'power', 'battery')).toBe('');
  });

  it('reads a value, the default where nothing is chosen', () => {
    expect(OPTIONS.map((option) => valueOf(option, 'box=drilled'))).toEqual(['battery', 'drilled']);
    expect(optionWords('box=drilled;power=jack')).toBe('box: drilled, power: jack');
  });
});
