import { useEffect, useRef, useState } from 'react';
import { isObject, keep, recall } from '@/shared/keep';

export type FaqUse = { faq: number; entry: 'shown' | 'helped' };
type Kept = { sent: string[]; waiting: FaqUse[] };

const AGAIN = 5000;
const named = (use: FaqUse) => `${use.entry} ${String(use.faq)}`;

function isKept(value: unknown): value is Kept {
  return isObject(value) && Array.isArray(value['sent']) && Array.isArray(value['waiting']);
}

/** Which answers were opened and which helped: told once each, kept on the device until the shop can be reached. */
export function useFaqUses(token: string, isCounted: boolean) {
  const [kept, setKept] = useState<Kept>(() => recall(`faq ${token}`, isKept, { sent: [], waiting: [] }));
  const sending = useRef(false);
  useEffect(() => {
    keep(`faq ${token}`, kept);
  }, [token, kept]);
  useEffect(() => {
    if (!isCounted || kept.waiting.length === 0) return;
    const send = async () => {
      if (sending.current) return;
      sending.current = true;
      const uses = kept.waiting;
      try {
        const answer = await fetch(`/api/public/${token}/faq`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
          body: JSON.stringify({ uses }),
        });
        // What is refused is not asked again; what did not arrive is.
        if (answer.ok || answer.status === 422) {
          setKept((now) => ({
            sent: [...now.sent, ...uses.map(named)],
            waiting: now.waiting.filter((each) => !uses.includes(each)),
          }));
        }
      } catch {
        // Without a connection it waits.
      }
      sending.current = false;
    };
    void send();
    const timer = setInterval(() => void send(), AGAIN);
    return () => {
      clearInterval(timer);
    };
  }, [token, isCounted, kept.waiting]);
  const known = new Set([...kept.sent, ...kept.waiting.map(named)]);
  return {
    helped: (faq: number) => known.has(`helped ${String(faq)}`),
    use: (use: FaqUse) => {
      if (!known.has(named(use))) setKept((now) => ({ ...now, waiting: [...now.waiting, use] }));
    },
  };
}

export type FaqUses = ReturnType<typeof useFaqUses>;
