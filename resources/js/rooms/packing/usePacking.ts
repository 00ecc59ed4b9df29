import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { changed, pack, Refused, runOf, type PackAction, type Run } from '@/shared/api';

const WAIT = 1500;

/** Sends the packer's keys one after another; what was not confirmed is sent again under the same id until it is. */
export function usePacking(run: Run | undefined) {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const busy = useRef(false);
  const press = useCallback(
    async (action: PackAction, said: { lot?: string; at?: { line: number; pack: number } } = {}) => {
      const { lot } = said;
      const turn = said.at ?? run?.turn ?? (action === 'undo' && run ? { line: 0, pack: 0 } : null);
      if (!run || !turn || busy.current) return;
      busy.current = true;
      setSending(true);
      const event = {
        operationId: crypto.randomUUID(),
        action,
        line: turn.line,
        pack: turn.pack,
        ...(lot === undefined ? {} : { lot }),
      };
      for (let sent = false; !sent;) {
        try {
          const change = await pack(run.id, event);
          queries.setQueryData<Run>(['run', run.id], (now) => changed(now ?? run, change));
          setTrouble(null);
          sent = true;
        } catch (why) {
          const refusal = why instanceof Refused ? why : null;
          const now = refusal ? runOf(refusal) : null;
          if (now) queries.setQueryData(['run', run.id], now);
          setTrouble(refusal?.message ?? 'That did not go through.');
          // Only a server that cannot be reached or failed is asked again; a refusal is an answer.
          sent = refusal !== null && refusal.status !== 0 && refusal.status < 500;
          if (!sent) await new Promise((resolve) => setTimeout(resolve, WAIT));
        }
      }
      busy.current = false;
      setSending(false);
    },
    [queries, run],
  );
  return { press, trouble, sending };
}
