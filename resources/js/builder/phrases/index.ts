import { createContext, useContext } from 'react';
import { de } from './de';
import { en, type Phrases } from './en';

export type { Phrases };

const LANGUAGES: Readonly<Record<string, Phrases>> = { en, de };

/** The phrases of a language; English where there are none. */
export function phrasesOf(language: string | undefined): Phrases {
  return LANGUAGES[language ?? 'en'] ?? en;
}

/** A phrase with its arguments in place. */
export function say(phrase: string, args: Readonly<Record<string, string | number>>): string {
  return phrase.replace(/\{(\w+)\}/g, (whole, name: string) => String(args[name] ?? whole));
}

export const PhrasesContext = createContext<Phrases>(en);

export function usePhrases(): Phrases {
  return useContext(PhrasesContext);
}
