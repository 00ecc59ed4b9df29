import { useCallback, useState } from 'react';
import { useExport } from '@/shared/api';

/** The label of the bag at hand, from the label printer of the bench. */
export function useBagLabel(run: number, bag: string | null) {
  const { start, made } = useExport();
  const [asked, setAsked] = useState<string | null>(null);
  const { mutate } = start;
  const isBusy = start.isPending || made?.status === 'queued' || made?.status === 'running';
  const print = useCallback(() => {
    if (bag === null || isBusy) return;
    setAsked(bag);
    mutate({ kind: 'bag-label', subject: run, piece: bag });
  }, [bag, isBusy, mutate, run]);
  const fault = start.error?.message ?? (made?.status === 'failed' ? made.fault : null);
  return { print, isBusy, fault, done: made?.status === 'done' ? { id: made.id, bag: asked ?? '' } : null };
}
