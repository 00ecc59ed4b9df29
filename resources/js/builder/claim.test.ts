// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import type { BuilderPage } from '@/shared/api';
import { alikeOf, checksOfClaim, claimText, keepClaim, keptClaim, placesOf, type Item } from './claim';
import { phrasesOf } from './phrases';

const line = (designators: string[], quantity: number, value: string): Item => ({
  designators,
  quantity,
  length: null,
  value,
  kind: 'resistor',
  kindName: 'resistor',
  outline: 'axial-1/4W',
  marking: { type: 'bands', bands: [], text: '' },
  strip: false,
});
const R1 = line(['R1', 'R4', 'R12'], 3, '470 Ω');
const R14 = line(['R14', 'R15'], 2, '1 kΩ');
const SCREW = line(['~1'], 4, 'M3x6');
const PAGE = {
  manual: {
    bags: {
      bags: [
        { name: 'A', items: [R1] },
        { name: 'B', items: [R14, SCREW] },
      ],
    },
  },
  boards: { boards: [], parts: { R1: {}, R4: {}, R14: {} } },
  contents: { R1: { svg: '', width: 15, height: 3, isTrue: true, alike: ['R14'] } },
} as unknown as BuilderPage;

describe('where else a piece may be', () => {
  it('asks for look-alikes, the table and the board, each where it can be', () => {
    expect(placesOf(PAGE, R1)).toEqual(['look-alike', 'left-over', 'on-board']);
    expect(placesOf(PAGE, R14)).toEqual(['left-over', 'on-board']);
    expect(placesOf(PAGE, SCREW)).toEqual(['left-over']);
    expect(alikeOf(PAGE, R1)).toEqual([R14]);
  });
});

describe('what is claimed', () => {
  it('names as many places as pieces are missing, and where the builder has looked', () => {
    expect(checksOfClaim({ designators: R1.designators, pieces: 2, looked: ['look-alike', 'left-over'] })).toEqual([
      { check: 'missing', answer: 'R1' },
      { check: 'missing', answer: 'R4' },
      { check: 'missing pieces', answer: '2' },
      { check: 'look-alike', answer: 'not there' },
      { check: 'left-over', answer: 'not there' },
    ]);
  });

  it('is said in the language of the page, without names that are ours alone', () => {
    expect(claimText(phrasesOf('en'), R1, 1)).toBe('1 of 3 missing: 470 Ω resistor R1, R4, R12');
    expect(claimText(phrasesOf('de'), SCREW, 2).trim()).toBe('2 von 4 fehlt: M3x6 resistor');
  });

  it('is kept on the device until it is told, and what is damaged is none', () => {
    const claim = { designators: ['R1'], pieces: 1, looked: ['left-over' as const] };
    keepClaim('t', claim);
    expect(keptClaim('t')).toEqual(claim);
    expect(keptClaim('u')).toBe(null);
    keepClaim('t', null);
    expect(keptClaim('t')).toBe(null);
  });
});
