import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import { data } from './data';
import { chosen, useOptions } from './options';
import type { BagsTrial, Cuts, Scale } from './types';

/** What weighing the bags proves. */
export function useScale(id: number) {
  const options = useOptions();
  return useQuery<Scale>({
    queryKey: ['revision', id, 'scale', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/scale', { params: { path: { revision: id }, ...chosen(options) } }),
      ),
  });
}

/** How bars and reels are cut for a number of kits. */
export function useCuts(id: number, kits: number) {
  const options = useOptions();
  return useQuery<Cuts>({
    queryKey: ['revision', id, 'cuts', kits, options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/cuts', {
          params: { path: { revision: id }, query: { kits, ...(options === '' ? {} : { options }) } },
        }),
      ),
    placeholderData: (before) => before,
  });
}

/** What it would cost to put a part into another bag; nothing is saved. */
export function useBagTrial(id: number, part: string | null, bag: string | null) {
  return useQuery<BagsTrial>({
    enabled: part !== null && bag !== null,
    queryKey: ['revision', id, 'bag trial', part, bag],
    queryFn: () =>
      data(
        api.post('/revisions/{revision}/bags/try', {
          params: { path: { revision: id } },
          body: { part: part ?? '', bag: bag ?? '' },
        }),
      ),
  });
}
