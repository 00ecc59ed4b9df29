import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import { data } from './data';
import type { PilotLog } from './types';

/** The log of the pilot builds of a draft. */
export function usePilot(id: number) {
  return useQuery<PilotLog>({
    queryKey: ['revision', id, 'pilot'],
    queryFn: () => data(api.get('/revisions/{revision}/pilot', { params: { path: { revision: id } } })),
  });
}

/** Keeps a photograph and gives the name that a row of the log then holds. */
export async function keepPilotPhoto(id: number, photo: File): Promise<string> {
  const kept = await api.form('/revisions/{revision}/pilot/photos', {}, [['photo', photo]], { revision: id });
  return kept.photo;
}
