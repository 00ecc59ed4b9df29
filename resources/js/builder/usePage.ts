import { useCallback, useEffect, useRef, useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { isObject, isTexts, keep, recall } from '@/shared/keep';
import { merged, type Tick } from './model';

type Fault = 'offline' | 'opensNothing' | 'unreadable' | 'busy';

type Kept = { done: string[]; outbox: Tick[] };

const AGAIN = 5000;

function isPage(value: unknown): value is BuilderPage {
  return isObject(value) && isObject(value['manual']);
}

/** A page that was kept before it had all that it has now goes on without. */
function whole(page: BuilderPage | null): BuilderPage | null {
  return page && { ...page, contents: isObject(page.contents) ? page.contents : {} };
}

function isKept(value: unknown): value is Kept {
  return isObject(value) && isTexts(value['done']) && Array.isArray(value['outbox']);
}

/** The page of one token, or one that was given with its kit: read once, kept on the device; ticks go to the server when it can be reached and the kit has a token of its own. */
export function usePage(token: string, given: BuilderPage | null = null) {
  const [page, setPage] = useState<BuilderPage | null>(
    () => given ?? whole(recall<BuilderPage | null>(`page ${token}`, isPage, null)),
  );
  const served = given === null;
  const [fault, setFault] = useState<Fault | null>(null);
  const [kept, setKept] = useState<Kept>(() => recall(`ticks ${token}`, isKept, { done: [], outbox: [] }));
  const sending = useRef(false);

  useEffect(() => {
    keep(`ticks ${token}`, kept);
  }, [token, kept]);

  useEffect(() => {
    if (!served) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const load = () =>
      fetch(`/api/public/${token}`, { headers: { Accept: 'application/json' } })
        .then(async (answer) => {
          if (answer.status === 429 || answer.status >= 500) {
            setFault('busy');
            timer = setTimeout(
              () => void load(),
              Math.max(AGAIN, 1000 * Number(answer.headers.get('Retry-After') ?? '0')),
            );
            return;
          }
          if (!answer.ok) {
            setFault('opensNothing');
            return;
          }
          setFault(null);
          const body = (await answer.json()) as BuilderPage;
          setPage(body);
          keep(`page ${token}`, body);
          if (body.keeps === 'server') setKept((now) => ({ ...now, done: body.ticks }));
        })
        .catch((why: unknown) => {
          setFault(why instanceof TypeError ? 'offline' : 'unreadable');
        });
    void load();
    return () => {
      clearTimeout(timer);
    };
  }, [token, served]);

  const keeps = page?.keeps ?? 'device';
  const send = useCallback(async () => {
    if (keeps !== 'server' || sending.current || kept.outbox.length === 0) return;
    sending.current = true;
    const sent = kept.outbox;
    try {
      const answer = await fetch(`/api/public/${token}/ticks`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
        body: JSON.stringify({ ticks: sent }),
      });
      if (answer.ok) {
        const body = (await answer.json()) as { ticks: string[] };
        setKept((now) => ({
          done: body.ticks,
          outbox: now.outbox.filter((tick) => !sent.some((each) => each.operationId === tick.operationId)),
        }));
        setFault(null);
      }
    } catch {
      setFault('offline');
    }
    sending.current = false;
  }, [token, keeps, kept.outbox]);

  useEffect(() => {
    void send();
    const timer = setInterval(() => void send(), AGAIN);
    const online = () => void send();
    window.addEventListener('online', online);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', online);
    };
  }, [send]);

  const tick = (step: string, done: boolean, minutes: number | null = null) => {
    setKept((now) =>
      keeps === 'server'
        ? { ...now, outbox: [...now.outbox, { operationId: crypto.randomUUID(), step, done, minutes }] }
        : {
            outbox: [],
            done: done ? [...now.done.filter((each) => each !== step), step] : now.done.filter((each) => each !== step),
          },
    );
  };
  return { page, fault, done: merged(kept.done, kept.outbox), waiting: kept.outbox.length, tick };
}
