import { useEffect, useState } from 'react';
import type { ManualStep } from '@/shared/api';
import { begun, keepWaits, keptWaits, type Wait } from './waits';

const EVERY = 10_000;

/** The clocks of this kit on this device, and the time by which they are read. */
export function useWaits(token: string) {
  const [waits, setWaits] = useState<Wait[]>(() => keptWaits(token));
  const [now, setNow] = useState(() => Date.now());
  const running = waits.length > 0;
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => {
      setNow(Date.now());
    }, EVERY);
    return () => {
      clearInterval(timer);
    };
  }, [running]);
  const set = (next: Wait[]) => {
    setWaits(next);
    setNow(Date.now());
    keepWaits(token, next);
  };
  return {
    waits,
    now,
    start: (step: ManualStep) => {
      set([...waits.filter((each) => each.step !== step.key), begun(step, Date.now())]);
    },
    stop: (step: string) => {
      set(waits.filter((each) => each.step !== step));
    },
  };
}
