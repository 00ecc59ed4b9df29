import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type { Given, Library, LibraryPart } from './types';

export function useLibrary(wanted: Wanted) {
  return useQuery<Library>({
    queryKey: ['library', wanted],
    queryFn: () => data(api.get('/library', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

export function useLibraryPart(fingerprint: string | null) {
  return useQuery<LibraryPart>({
    queryKey: ['library', 'part', fingerprint],
    queryFn: () => data(api.get('/library/part', { params: { query: { part: fingerprint ?? '' } } })),
    enabled: fingerprint !== null,
    retry: false,
  });
}

/** What the library says of the part at a place of a kit; nothing for older revisions. */
export function usePartOfKit(revision: number, designator: string) {
  return useQuery<LibraryPart | null>({
    queryKey: ['library', 'part', revision, designator],
    queryFn: () =>
      data(api.get('/library/part', { params: { query: { revision, designator } } })).catch((why: unknown) => {
        if (why instanceof Refused && why.status === 404) return null;
        throw why;
      }),
  });
}

/** Saves what is known of one part; the answer is that part. */
export function useSaveLibraryPart() {
  const queries = useQueryClient();
  return useMutation<LibraryPart, Refused, { fields: Record<string, string>; photo: File | null }>({
    mutationFn: async ({ fields, photo }) =>
      api.form('/library', { operationId: crypto.randomUUID(), ...fields }, photo ? [['photo', photo]] : []),
    onSuccess: (part) => {
      queries.setQueryData(['library', 'part', part.fingerprint], part);
      return queries.invalidateQueries({ queryKey: ['library'], predicate: (query) => query.queryKey[1] !== 'part' });
    },
  });
}

/** Gives what the library knows to the drafts that do not say it themselves. */
export function useGiveToDrafts() {
  const queries = useQueryClient();
  return useMutation<Given, Refused>({
    mutationFn: () => data(api.post('/library/give', { body: { operationId: crypto.randomUUID() } })),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ['revision'] }),
        queries.invalidateQueries({ queryKey: ['library'] }),
      ]),
  });
}
