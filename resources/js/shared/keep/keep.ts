/**
 * What this device keeps of this page between visits. What is damaged, of another shape, or out of reach counts as nothing kept.
 *
 * @param is tells whether what was read has the shape wanted
 */
export function recall<T>(key: string, is: (value: unknown) => value is T, otherwise: T): T {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
    return is(value) ? value : otherwise;
  } catch {
    return otherwise;
  }
}

/** Keeps a value; null forgets it. A device without room, or that keeps nothing, goes on for as long as the page is open. */
export function keep(key: string, value: unknown): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // The page has the value itself.
  }
}

/** Before the name of words that somebody has not saved yet. */
export const WORDS = 'words ';

/** Forgets the words not saved: whoever signs in next on this device does not read them. */
export function forgetWords(): void {
  try {
    for (const key of Object.keys(localStorage)) if (key.startsWith(WORDS)) localStorage.removeItem(key);
  } catch {
    // What cannot be read was not kept.
  }
}

export function isText(value: unknown): value is string {
  return typeof value === 'string';
}

export function isTexts(value: unknown): value is string[] {
  return Array.isArray(value) && value.every(isText);
}

export function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Words by name. */
export function isWords(value: unknown): value is Record<string, string> {
  return isObject(value) && Object.values(value).every(isText);
}
