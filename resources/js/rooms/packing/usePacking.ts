import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { changed, pack, Refused, runOf, type PackAction, type Run } from '@/shared/api';
import { keep, recall } from '@/shared/keep';
import { isKeys, keyFor, keyWords, type Key, type Turn } from './queue';
import { tick } from './tick';

const WAIT = 1500;
/** More than a hand can have pressed: the line is gone, and going on would be packing blind. */
export const MOST_WAITING = 200;

type Said = { lot?: string; at?: Turn };

const none: Key[] = [];

/** Keys wait in the order they were pressed and are kept on this device until the server has confirmed them. */
export function usePacking(run: Run | undefined) {
  const queries = useQueryClient();
  const id = run?.id ?? null;
  const [keys, setKeys] = useState<readonly Key[]>(none);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [offline, setOffline] = useState(false);
  /** The key confirmed last; its bag shows it for a moment. */
  const [confirmed, setConfirmed] = useState<Key | null>(null);
  const queue = useRef<readonly Key[]>(none);
  const busy = useRef(false);

  const put = useCallback(
    (next: readonly Key[]) => {
      queue.current = next;
      setKeys(next);
      if (id !== null) keep(place(id), next.length === 0 ? null : next);
    },
    [id],
  );

  const send = useCallback(async () => {
    if (busy.current || id === null) return;
    busy.current = true;
    for (let [key] = queue.current; key; [key] = queue.current) {
      try {
        const change = await pack(id, key);
        queries.setQueryData<Run>(['run', id], (now) => now && changed(now, change));
        put(queue.current.slice(1));
        setOffline(false);
        setTrouble(null);
        setConfirmed(key);
        tick();
      } catch (why) {
        const refusal = why instanceof Refused ? why : null;
        // A server that cannot be reached or failed is asked again; a refusal is an answer.
        if (refusal === null || refusal.status === 0 || refusal.status >= 500 || refusal.status === 429) {
          setOffline(true);
          await new Promise((resolve) => setTimeout(resolve, WAIT));
          continue;
        }
        const now = runOf(refusal) ?? queries.getQueryData<Run>(['run', id]) ?? null;
        const behind = queue.current.length - 1;
        put(none);
        if (now) {
          queries.setQueryData(['run', id], now);
          setTrouble(
            `${keyWords(now, key)}: ${refusal.message}${behind > 0 ? ` The ${String(behind)} keys after it were not booked either.` : ''}`,
          );
        } else setTrouble(refusal.message);
        setOffline(false);
      }
    }
    busy.current = false;
  }, [id, put, queries]);

  useEffect(() => {
    if (id === null) return;
    // Keys that a closed or crashed page had not sent go first; one that went through already is confirmed again, not booked again.
    put(recall(place(id), isKeys, none));
    void send();
  }, [id, put, send]);

  const press = useCallback(
    (action: PackAction, said: Said = {}) => {
      const now = id === null ? undefined : queries.getQueryData<Run>(['run', id]);
      if (!now || queue.current.length >= MOST_WAITING) return;
      const key = keyFor(now, queue.current, action, crypto.randomUUID(), said);
      if (key === null) return;
      put([...queue.current, key]);
      void send();
    },
    [id, put, queries, send],
  );
  return { press, trouble, keys, offline, confirmed };
}

function place(run: number): string {
  return `packing keys ${String(run)}`;
}
