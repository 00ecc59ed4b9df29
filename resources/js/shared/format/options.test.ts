import { describe, expect, it } from 'vitest';
import { choose, optionWords, priceWords, repriced, valueOf } from './options';

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

  it('knows what a choice adds to a price, and leaves alone what is no price', () => {
    const priced = OPTIONS.map((option) =>
      option.name === 'box' ? { ...option, prices: { drilled: '4.35', plain: '-1.00' } } : option,
    );
    expect(repriced('24,50', priced, '', 'box=drilled')).toBe('29.85');
    expect(repriced('29.85', priced, 'box=drilled', '')).toBe('24.50');
    expect(['', 'soon', '0.10'].map((price) => repriced(price, priced, 'box=drilled', ''))).toEqual([
      '',
      'soon',
      '0.10',
    ]);
    expect(['4.35', '-1.00', '0.00', undefined].map(priceWords)).toEqual([', +4.35', ', −1.00', '', '']);
  });

  it('drops a value that the kit does not have', () => {
    expect(choose(OPTIONS, 'box=painted', 'power', 'battery')).toBe('');
  });

  it('reads a value, the default where nothing is chosen', () => {
    expect(OPTIONS.map((option) => valueOf(option, 'box=drilled'))).toEqual(['battery', 'drilled']);
    expect(optionWords('box=drilled;power=jack')).toBe('box: drilled, power: jack');
  });
});
