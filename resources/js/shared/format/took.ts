import type { StepTimes } from '@/shared/api';

type StepTime = StepTimes['steps'][number];

/** How long builders took for a step, in a sentence; nothing while too few let it be counted. */
export function took(time: StepTime | undefined, planned: number): string {
  if (!time || time.median === null || time.low === null || time.high === null) return '';
  const than = time.low > planned ? ', longer than planned' : time.high < planned ? ', shorter than planned' : '';
  return `Builders take ${time.median.toFixed(1)} min, half of them ${time.low.toFixed(1)} to ${time.high.toFixed(1)} (${String(time.builders)} counted)${than}.`;
}

/** How many stopped at a step, in a sentence; nothing where nobody did. */
export function stoppedAt(time: StepTime | undefined): string {
  const stopped = time?.stopped ?? 0;
  return stopped === 0
    ? ''
    : `${String(stopped)} ${stopped === 1 ? 'builder has' : 'builders have'} not gone on from here.`;
}
