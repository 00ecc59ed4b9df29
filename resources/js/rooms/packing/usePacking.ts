import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { changed, pack, Refused, type PackAction, type Run } from '@/shared/api';
import { keep, recall } from '@/shared/keep';
import { isKeys, keyFor, keyWords, type Key, type Turn } from './queue';
import { tick } from './tick';

const WAIT = 1500;
/** More than a hand can have pressed: the line is gone, and going on would be packing blind. */
const MOST_WAITING = 500;
/** Keys of one request. */
const AT_ONCE = 50;

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
    while (queue.current.length > 0) {
      const keys = queue.current.slice(0, AT_ONCE);
      try {
        const answer = await pack(id, keys);
        const rest = queue.current.slice(answer.taken);
        setOffline(false);
        if (answer.change) {
          const { change } = answer;
          queries.setQueryData<Run>(['run', id], (now) => now && changed(now, change));
        }
        if (answer.taken > 0) {
          setConfirmed(keys[answer.taken - 1] ?? null);
          tick();
        }
        const [stuck] = rest;
        if (answer.run && answer.refused !== null && stuck) {
          queries.setQueryData(['run', id], answer.run);
          put(none);
          setTrouble(refusal(keyWords(answer.run, stuck), answer.refused, rest.length - 1));
        } else {
          put(rest);
          setTrouble(null);
        }
      } catch (why) {
        const refused = why instanceof Refused ? why : null;
        // A server that cannot be reached or failed is asked again; a refusal is an answer.
        if (refused === null || refused.status === 0 || refused.status >= 500 || refused.status === 429) {
          setOffline(true);
          await new Promise((resolve) => setTimeout(resolve, WAIT));
          continue;
        }
        const now = queries.getQueryData<Run>(['run', id]);
        const [stuck] = queue.current;
        setTrouble(refusal(now && stuck ? keyWords(now, stuck) : '', refused.message, queue.current.length - 1));
        put(none);
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
      if (!now) return;
      if (queue.current.length >= MOST_WAITING) {
        setTrouble(
          `${String(MOST_WAITING)} keys wait already. This one was not taken: wait until the line is back, then go on.`,
        );
        return;
      }
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

function refusal(key: string, why: string, behind: number): string {
  const lost = behind === 1 ? ' The key after it was not booked either.' : '';
  const more = behind > 1 ? ` The ${String(behind)} keys after it were not booked either.` : '';
  return `${key === '' ? '' : `${key}: `}${why}${lost}${more}`;
}
