import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import type { Given, Library } from './types';

export function useLibrary() {
  return useQuery<Library>({ queryKey: ['library'], queryFn: () => data(api.get('/library')) });
}

/** Saves what is known of one part; the answer is the whole library. */
export function useSaveLibraryPart() {
  const queries = useQueryClient();
  return useMutation<Library, Refused, { fields: Record<string, string>; photo: File | null }>({
    mutationFn: async ({ fields, photo }) => (await api.form('/library', { operationId: crypto.randomUUID(), ...fields }, photo)) as Library,
    onSuccess: (library) => { queries.setQueryData(['library'], library); },
  });
}

/** Gives what the library knows to the drafts that do not say it themselves. */
export function useGiveToDrafts() {
  const queries = useQueryClient();
  return useMutation<Given, Refused>({
    mutationFn: async () => (await api.post('/library/give', { operationId: crypto.randomUUID() })) as Given,
    onSuccess: () => Promise.all([queries.invalidateQueries({ queryKey: ['revision'] }), queries.invalidateQueries({ queryKey: ['library'] })]),
  });
}
