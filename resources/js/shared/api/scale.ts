import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import type { BinScale, Body, ScaleCheck, ScaleLines, WeighedBag } from './types';

const POLL = 350;

/** A line of a scale that is connected to this browser, with its seconds. */
export type SentLine = Readonly<{ at: number; text: string }>;
/** What was said lately, and now on the same clock; null where the scale is the shop's own. */
export type SentLines = () => { lines: SentLine[]; now: number } | null;

/** What the scale says of the bin of a line, again and again. */
export function useBin(run: number, line: number, spoken: { since: number; carried: number }, sent: SentLines) {
  return useQuery<BinScale>({
    queryKey: ['bin', run, line, spoken],
    queryFn: () => {
      const path = { run, line };
      const said = sent();
      return data(
        said === null
          ? api.get('/runs/{run}/bins/{line}', { params: { path, query: spoken } })
          : api.post('/runs/{run}/bins/{line}', { params: { path }, body: { ...spoken, ...said } }),
      );
    },
    refetchInterval: (query) => (query.state.data && isByEye(query.state.data) ? false : POLL),
    placeholderData: (before) => before,
    retry: false,
  });
}

/** True where no scale will ever tell this line. */
function isByEye(bin: BinScale): boolean {
  return bin.byEye === 'not-weighed' || bin.byEye === 'by-length';
}

/** The check mass lies on the scale. */
export function useScaleCheck(run: number) {
  const queries = useQueryClient();
  return useMutation<ScaleCheck, Refused, SentLines>({
    mutationFn: (sent) => {
      const said = sent();
      return data(
        api.post('/runs/{run}/checks', {
          params: { path: { run } },
          body: { operationId: crypto.randomUUID(), ...(said === null ? {} : { lines: said.lines }) },
        }),
      );
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ['bin', run] }),
  });
}

/** The bin was lifted off: the check mass is due. */
export function useLift(run: number) {
  const queries = useQueryClient();
  return useMutation<unknown, Refused>({
    mutationFn: () =>
      api.post('/runs/{run}/lifts', { params: { path: { run } }, body: { operationId: crypto.randomUUID() } }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['bin', run] }),
  });
}

/** A finished bag against its window. */
export function useWeighBag(run: number) {
  return useMutation<WeighedBag, Refused, { bag: string; grams: number }>({
    mutationFn: (body) => data(api.post('/runs/{run}/weighings', { params: { path: { run } }, body })),
  });
}

export type ScaleDeed = Body<'/scale'>;

/** Plays with the simulated scale. */
export function usePlayScale() {
  return useMutation<unknown, Refused, ScaleDeed>({ mutationFn: (deed) => data(api.post('/scale', { body: deed })) });
}

/** How a scale writes its lines, proposed from some of them. */
export function useScaleLines(lines: readonly string[]) {
  return useQuery<ScaleLines>({
    enabled: lines.length > 0,
    queryKey: ['scale lines', lines],
    queryFn: () => data(api.post('/scale/lines', { body: { lines: [...lines] } })),
    placeholderData: (before) => before,
  });
}
