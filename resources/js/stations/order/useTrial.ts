import { useRef, useState } from 'react';
import { tryOrder, useOptions, type Override, type ScoreChange } from '@/shared/api';
import { isCycle } from './model';

export type Cost = ScoreChange | { cycle: readonly string[] };

/** Asks what a move would cost; only the newest question is answered. */
export function useTrial(revisionId: number) {
  const options = useOptions();
  const [cost, setCost] = useState<Cost | null>(null);
  const newest = useRef(0);
  const ask = (overrides: readonly Override[]) => {
    newest.current += 1;
    const mine = newest.current;
    tryOrder(revisionId, overrides, options)
      .then((trial) => {
        if (mine !== newest.current) return;
        if (isCycle(trial.order)) setCost({ cycle: trial.order.cycle });
        else setCost(trial.change);
      })
      .catch(() => {
        if (mine === newest.current) setCost(null);
      });
  };
  const forget = () => {
    newest.current += 1;
    setCost(null);
  };
  return { cost, ask, forget, newest: () => newest.current };
}
