import { describe, expect, it } from 'vitest';
import { A_PRICE } from '@/shared/testing/salesAnswers';
import { betterBatch, curvePath, percentOf, shareOf, stair, stepWords } from './price';

describe('the stair', () => {
  it('leads from the parts to the price and its tax, each step upon the one before', () => {
    const steps = stair(A_PRICE);
    expect(steps.map(({ kind }) => kind)).toEqual([
      ...['parts', 'spares', 'bags', 'set-up', 'packing', 'shipping', 'fees', 'support', 'margin', 'tax'],
    ]);
    expect(steps[1]).toMatchObject({ from: 6, amount: 0.2 });
    expect(steps.find(({ kind }) => kind === 'fees')?.amount).toBeCloseTo(1.06);
    const margin = steps[8];
    expect((margin?.from ?? 0) + (margin?.amount ?? 0)).toBeCloseTo(25.43, 1);
    expect(steps.find(({ kind }) => kind === 'support')).toMatchObject({ low: 0.2, high: 0.67 });
  });

  it('ends at the cost where there is no price, and without tax where there is none', () => {
    const bare = { ...A_PRICE, price: null, left: null, fees: null, gross: null };
    expect(stair(bare).at(-1)?.kind).toBe('support');
    expect(stair({ ...A_PRICE, gross: A_PRICE.price }).at(-1)?.kind).toBe('margin');
  });

  it('says why a step is as high as it is, and guesses no support', () => {
    expect(stepWords('set-up', A_PRICE)).toContain('120 min at 18.00 EUR an hour');
    expect(stepWords('support', A_PRICE)).toContain('10 of 200 kits');
    const none = {
      ...A_PRICE,
      steps: A_PRICE.steps.map((step) => ({ ...step, figures: { ...step.figures, shipped: '0' } })),
    };
    expect(stepWords('support', none)).toContain('nothing is guessed');
  });
});

describe('shares', () => {
  it.each([
    ['40', '0.4'],
    ['2,5', '0.025'],
    ['0', '0'],
    ['99.99', '0.9999'],
    ['100', null],
    ['-1', null],
    ['', null],
    ['x', null],
  ])('%s %% is the share %s', (typed, share) => {
    expect(shareOf(typed)).toBe(share);
  });

  it('are shown in percent', () => {
    expect(percentOf('0.0250')).toBe('2.5');
  });
});

describe('the curve', () => {
  it('finds the larger batch that costs less in all, and the one whose kits are cheapest', () => {
    // Seven cost 12.00 together, twelve 10.80.
    const curve = Array.from({ length: 14 }, (_, at) => (at + 1 < 12 ? 12 / (at + 1) + 0.3 : 0.9));
    expect(betterBatch(curve, 7)).toMatchObject({ less: 12, cheaper: { kits: 12 } });
    expect(betterBatch(curve, 12)).toEqual({ less: null, cheaper: null });
    expect(betterBatch([null, 3], 1)).toEqual({ less: null, cheaper: null });
  });

  it('is drawn through what is known', () => {
    expect(curvePath([3, null, 1], 100, 10)).toBe('M0.0 0.0L100.0 10.0');
    expect(curvePath([], 100, 10)).toBe('');
    expect(curvePath([5, 4, 3, 2, 2, 1], 100, 10)).toMatch(/^M0\.0 0\.0L/);
  });
});
