import { describe, expect, it } from 'vitest';
import type { LibraryPart } from '@/shared/api';
import { factText, originsAfter, usedText, wordsOf } from './model';

const PART: LibraryPart = {
  id: 1,
  fingerprint: 'c|100u 16v|6.3x11|electrolytic',
  title: '100u 16V, 6.3x11',
  number: 'CE-12',
  facts: { height: 11.5, polarity: { mark: 'stripe', terminal: 'negative' } },
  origins: { height: 'measured', polarity: 'data sheet' },
  note: 'looks like the 22u',
  photo: false,
  version: 2,
  kind: 'electrolytic',
  kindName: 'electrolytic',
  height: 11.5,
  heightSource: 'typed in',
  mark: 'stripe',
  sensitivity: 'none',
  marking: null,
  uses: 1,
  usedIn: [
    { kit: 'Frost Bell', revisionId: 3, designators: ['C1', 'C2'] },
    { kit: 'Kiln Watch', revisionId: 4, designators: ['~9'] },
  ],
};

describe('a part of the library', () => {
  it('gives its facts as text, empty where nothing is known', () => {
    expect([
      factText(PART, 'height'),
      factText(PART, 'mark'),
      factText(PART, 'terminal'),
      factText(PART, 'mass'),
    ]).toEqual(['11.5', 'stripe', 'negative', '']);
    expect(wordsOf(PART).number).toBe('CE-12');
  });

  it('keeps the origin of what was not changed', () => {
    expect(originsAfter(PART, { ...wordsOf(PART), mass: '0.6' }, 'weighed')).toEqual({
      height: 'measured',
      mass: 'weighed',
      polarity: 'data sheet',
    });
    expect(originsAfter(PART, { ...wordsOf(PART), height: '12' }, 'data sheet')['height']).toBe('data sheet');
    expect(originsAfter(PART, { ...wordsOf(PART), height: '' }, 'x')).not.toHaveProperty('height');
  });

  it('names the kits it is used in, and how many more there are', () => {
    expect(usedText({ ...PART, uses: 2 })).toBe('Frost Bell: C1 C2; Kiln Watch: once');
    expect(usedText({ ...PART, uses: 9 })).toBe('Frost Bell: C1 C2; Kiln Watch: once and 7 more kits');
  });
});
