import { describe, expect, it } from 'vitest';
import { de } from './de';
import { en } from './en';
import { phrasesOf, say } from '.';

const holes = (phrase: unknown) =>
  typeof phrase === 'string' ? [...phrase.matchAll(/\{\w+\}/g)].map(([name]) => name).sort() : [];

describe('phrases', () => {
  it('puts arguments in place and leaves what has none', () => {
    expect(say('Step {step} of {count}. {facts}.', { step: 1, count: 3 })).toBe('Step 1 of 3. {facts}.');
  });

  it('says it in English where a language is not known', () => {
    expect(phrasesOf('fr')).toBe(en);
    expect(phrasesOf(undefined)).toBe(en);
    expect(phrasesOf('de')).toBe(de);
  });

  it.each(Object.keys(en))('has the same arguments in German: %s', (key) => {
    expect(holes(de[key as keyof typeof de])).toEqual(holes(en[key as keyof typeof en]));
  });
});
