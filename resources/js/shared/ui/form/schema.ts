import { maxLength, minLength, object, regex, string, trim, type ZodMiniString } from 'zod/mini';

export { object, string };

/** A text that has to be there. */
export function needed(words: string, letters = 1): ZodMiniString<string> {
  return string().check(trim(), minLength(letters, words));
}

/** A text that has to be there and is taken as it stands, blanks and all. */
export function asTyped(words: string): ZodMiniString<string> {
  return string().check(minLength(1, words));
}

/** A text that looks like this from end to end. */
export function like(pattern: RegExp, words: string): ZodMiniString<string> {
  return string().check(trim(), regex(new RegExp(`^(?:${pattern.source})$`, pattern.flags), words));
}

/** A text that may be empty, and otherwise looks like this. */
export function maybe(pattern: RegExp, words: string): ZodMiniString<string> {
  return like(new RegExp(`(?:${pattern.source})?`, pattern.flags), words);
}

export function upTo(letters: number): ZodMiniString<string> {
  return string().check(maxLength(letters, `At most ${String(letters)} letters.`));
}
