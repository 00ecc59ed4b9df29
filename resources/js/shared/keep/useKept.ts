import { useState } from 'react';
import { isText, isWords, keep, recall, WORDS } from './keep';

type Writing<T> = [value: T | null, write: (value: T | null) => void];

/** What somebody is writing, null while nobody writes; kept on this device until it is saved or dropped. */
function useKept<T>(name: string, is: (value: unknown) => value is T): Writing<T> {
  const key = WORDS + name;
  const [value, setValue] = useState<T | null>(() => recall<T | null>(key, is, null));
  return [
    value,
    (next) => {
      setValue(next);
      keep(key, next);
    },
  ];
}

export function useKeptText(name: string): Writing<string> {
  return useKept(name, isText);
}

/** Several texts that are saved together, by name. */
export function useKeptTexts(name: string): Writing<Record<string, string>> {
  return useKept(name, isWords);
}
