import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import { data } from './data';
import { chosen, useOptions } from './options';
import type { Safety } from './types';

/** The questions of safety with what the parts answer, what the capacitors hold, the cautions in front of the manual. */
export function useSafety(id: number) {
  const options = useOptions();
  return useQuery<Safety>({
    queryKey: ['revision', id, 'safety', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/safety', { params: { path: { revision: id }, ...chosen(options) } }),
      ),
  });
}
