import { describe, expect, it } from 'vitest';
import type { BinScale } from '@/shared/api';
import { along, bagWords, byEyeWords, scaleWords } from './scale';

const bin: BinScale = {
  state: 'ready',
  grams: 120,
  change: null,
  pieces: 0,
  kits: 0,
  until: 0,
  handful: 8,
  needle: { kits: 1, less: 0.2, low: 0.38, high: 0.46, more: 0.6 },
  byEye: null,
  wouldDo: null,
  check: { due: false, mass: 50 },
  gains: false,
};

describe('the scale', () => {
  it('tells how many are too many, and how many too few for the next kit', () => {
    expect(scaleWords({ ...bin, state: 'unclear', pieces: 7 }, 3).text).toBe(
      '7 pieces: 1 too many for 2 kits, 2 too few for 3.',
    );
    expect(scaleWords({ ...bin, state: 'unclear', pieces: 60 }, 3).text).toContain('up to 8 kits at once');
  });
  it('tells of a bag in its cup what it gains, and asks for the rest', () => {
    const cup: BinScale = { ...bin, gains: true };
    expect(scaleWords({ ...cup, state: 'no-bag' }, 2).text).toContain('stand the next bag in it');
    expect(scaleWords({ ...cup, state: 'unclear', pieces: 1 }, 2).text).toBe('1 piece in: 1 more.');
    expect(scaleWords({ ...cup, state: 'unclear', pieces: 4 }, 2).text).toBe('4 pieces in: take 2 out again.');
    expect(scaleWords({ ...cup, state: 'unclear', pieces: 2 }, 2).text).toContain('Is it the right part?');
    expect(scaleWords({ ...cup, state: 'creeping' }, 2).text).toContain('static charge');
  });
  it('calls silence off, never nought', () => {
    expect(scaleWords({ ...bin, state: 'off', grams: null }, 1)).toEqual({
      text: 'The scale is silent. Count by eye, or switch it on.',
      warns: true,
    });
  });
  it('says which scale would tell what this one cannot', () => {
    expect(byEyeWords({ ...bin, byEye: 'too-light', wouldDo: 0.001 })).toContain('One of 0.001 g');
    expect(byEyeWords({ ...bin, byEye: 'too-light' })).toContain('any usual scale');
  });
  it('tells what an alarm most likely is, and how many of such are real', () => {
    const bag = {
      grams: 5.81,
      low: 5.88,
      high: 6.18,
      inside: false,
      real: 0.42,
      suspects: [{ what: 'missing' as const, designators: ['R1', 'R2'], with: null, chance: 0.4 }],
      byEye: [['R1', 'R2']],
      unweighed: [],
    };
    expect(bagWords(bag).map(({ text }) => text)).toEqual([
      '5.81 g is outside 5.88 to 6.18 g. Of such bags 42 in 100 are wrong.',
      'R1 R2: one missing (40 in 100)',
      'Count by eye: R1 R2.',
    ]);
    expect(bagWords({ ...bag, suspects: [] })[1]?.text).toContain('No single piece explains it');
    expect(bagWords({ ...bag, low: null, unweighed: [['C1']] })[0]?.text).toContain('C1 was weighed less');
    expect(bagWords({ ...bag, inside: true, byEye: [] })).toEqual([
      { text: '5.81 g is right: 5.88 to 6.18 g.', warns: false },
    ]);
  });
  it('keeps the needle on its scale', () => {
    expect(along({ kits: 1, less: 1, low: 1.8, high: 2.2, more: 3 }, 2)).toBe(0.5);
    expect(along({ kits: 1, less: 1, low: 1.8, high: 2.2, more: 3 }, 90)).toBe(1.15);
  });
});
