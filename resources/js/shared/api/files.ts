import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import { data } from './data';
import { chosen, useOptions } from './options';
import type { BoardFiles } from './types';

/** What was made of every file of the boards, and what the files say. */
export function useBoardFiles(id: number) {
  const options = useOptions();
  return useQuery<BoardFiles>({
    queryKey: ['revision', id, 'files', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/files', { params: { path: { revision: id }, ...chosen(options) } }),
      ),
  });
}
