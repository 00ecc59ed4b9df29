import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import { data } from './data';
import { chosen, useOptions } from './options';
import type { Bench, BenchTest } from './types';

/** The tests of a kit in the order they happen, with what each expects. */
export function useBench(id: number) {
  const options = useOptions();
  return useQuery<Bench>({
    queryKey: ['revision', id, 'bench', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/bench', { params: { path: { revision: id }, ...chosen(options) } }),
      ),
  });
}

export type Tried = Readonly<{ expect: string; accuracy: string; adjusts: string }>;

/** What a test would expect as it is being written; nothing is saved. */
export function useReadingTrial(id: number, tried: Tried) {
  const options = useOptions();
  return useQuery<BenchTest>({
    queryKey: ['revision', id, 'reading', tried, options],
    queryFn: () =>
      data(
        api.post('/revisions/{revision}/bench/try', {
          params: { path: { revision: id } },
          body: { ...tried, options },
        }),
      ),
    enabled: tried.expect.trim() !== '',
    placeholderData: (before) => before,
  });
}
