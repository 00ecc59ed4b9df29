import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import { chosen } from './options';
import type {
  Boards,
  Body,
  Moves,
  PackPictures,
  PackWays,
  Run,
  RunChange,
  RunKeys,
  Runs,
  Serials,
  Stock,
} from './types';

export function useRuns(wanted: Wanted) {
  return useQuery<Runs>({
    queryKey: ['runs', wanted],
    queryFn: () => data(api.get('/runs', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

export function useRun(id: number) {
  return useQuery<Run>({
    queryKey: ['run', id],
    queryFn: () => data(api.get('/runs/{run}', { params: { path: { run: id } } })),
  });
}

/** Each part of a run as it lies in the hand. */
export function usePackPictures(run: number) {
  return useQuery<PackPictures>({
    queryKey: ['run', run, 'pictures'],
    queryFn: () => data(api.get('/runs/{run}/pictures', { params: { path: { run } } })),
    staleTime: Infinity,
  });
}

/** Keeps a photograph of the run's first packed kit. */
export function useRunPhoto(run: number) {
  const queries = useQueryClient();
  return useMutation<Run, Refused, File>({
    mutationFn: (photo) => api.form('/runs/{run}/photo', {}, [['photo', photo]], { run }),
    onSuccess: (now) => {
      queries.setQueryData(['run', run], now);
    },
  });
}

/** The boards of the revision that a run packs. */
export function useRunBoards(run: Run | undefined) {
  return useQuery<Boards>({
    enabled: run !== undefined,
    queryKey: ['revision', run?.revisionId, 'boards', run?.options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/boards', {
          params: { path: { revision: run?.revisionId ?? 0 }, ...chosen(run?.options ?? '') },
        }),
      ),
    staleTime: Infinity,
  });
}

/** How long a run would take by either way. */
export function usePackWays(release: number | undefined, options: string) {
  return useQuery<PackWays>({
    enabled: release !== undefined,
    queryKey: ['pack ways', release, options],
    queryFn: () =>
      data(api.get('/releases/{release}/ways', { params: { path: { release: release ?? 0 }, ...chosen(options) } })),
    staleTime: 60_000,
  });
}

export function useSerials(run: number, page: number) {
  return useQuery<Serials>({
    queryKey: ['serials', run, page],
    queryFn: () => data(api.get('/runs/{run}/serials', { params: { path: { run }, query: { page } } })),
    placeholderData: (before) => before,
  });
}

export function useStartRun() {
  const queries = useQueryClient();
  return useMutation<Run, Refused, Body<'/runs'>>({
    mutationFn: (run) => data(api.post('/runs', { body: run })),
    onSuccess: (run) => {
      queries.setQueryData(['run', run.id], run);
      return queries.invalidateQueries({ queryKey: ['runs'] });
    },
  });
}

/** A run with what one key changed. */
export function changed(run: Run, { changed: lines, ...standing }: RunChange): Run {
  const cells = new Map(lines.map((line) => [line.line, line.cells]));
  return {
    ...run,
    ...standing,
    began: run.began ?? new Date().toISOString(),
    cells: run.cells.map((was, line) => cells.get(line) ?? was),
  };
}

/** Keys of the packer in their order; a resend of one that went through is harmless. */
export function pack(run: number, keys: Body<'/runs/{run}/keys'>['keys']): Promise<RunKeys> {
  return data(api.post('/runs/{run}/keys', { params: { path: { run } }, body: { keys } }));
}

export function useStock(wanted: Wanted) {
  return useQuery<Stock>({
    queryKey: ['stock', wanted],
    queryFn: () => data(api.get('/stock', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

export function useMoves(wanted: Wanted) {
  return useQuery<Moves>({
    queryKey: ['stock', 'moves', wanted],
    queryFn: () => data(api.get('/moves', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}
