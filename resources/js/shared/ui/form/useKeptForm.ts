import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useRef } from 'react';
import { useForm, useWatch, type DefaultValues } from 'react-hook-form';
import type { ZodMiniType as ZodType } from 'zod/mini';
import { isWords, keep, recall, WORDS } from '@/shared/keep';

type Words = Record<string, string>;
type Given<W extends Words> = {
  /** one name for one form, its subject in it */ name: string;
  schema: ZodType<W, W>;
  /** what stands in it before anybody types */ from: W;
};

/**
 * A form whose words are checked by a schema, with the message at the field, and kept on this device until they are saved or
 * dropped: leaving the room or reloading loses none.
 */
export function useKeptForm<W extends Words>({ name, schema, from }: Given<W>) {
  const key = WORDS + name;
  const start = useRef(from);
  const form = useForm<W>({
    defaultValues: { ...from, ...recall(key, isWords, {}) } as DefaultValues<W>,
    resolver: zodResolver(schema),
    mode: 'onTouched',
  });
  const words = useWatch({ control: form.control }) as W;
  const changed = Object.entries(start.current).some(([field, text]) => (words[field] ?? '') !== text);
  useEffect(() => {
    keep(key, changed ? words : null);
  }, [key, changed, words]);
  // What was typed while `sent` was on its way stays in the form.
  const forget = (to: W = start.current, sent?: W) => {
    const now = form.getValues();
    const since = Object.entries(sent ?? {}).filter(([field, text]) => now[field] !== text);
    start.current = to;
    keep(key, null);
    form.reset({ ...to, ...Object.fromEntries(since.map(([field]) => [field, now[field]])) });
  };
  return { form, words, changed, forget };
}
