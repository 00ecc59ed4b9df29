import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, asFields, Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type { Import, Revisions, Shelf, ShelfRow } from './types';

const SOON = 400;
const LATER = 2500;

/** A page of the Shelf; while the worker is still at a row of it, it is asked again. */
export function useShelf(wanted: Wanted, aside = false) {
  return useQuery<Shelf>({
    queryKey: ['shelf', wanted, aside],
    queryFn: () =>
      data(api.get('/kits', { params: { query: { ...pageQuery(wanted), ...(aside ? { aside: '1' } : {}) } } })),
    placeholderData: (before) => before,
    refetchInterval: (query) =>
      query.state.data?.kits.some((kit) => !kit.current && kit.fault === null) ? LATER : false,
  });
}

/** The board of a kit, kept by the browser for as long as it is the same. */
export function usePicture(hash: string | null) {
  return useQuery<string>({
    queryKey: ['picture', hash],
    queryFn: () => api.text(`/pictures/${hash ?? ''}`),
    enabled: hash !== null,
    staleTime: Infinity,
    gcTime: Infinity,
  });
}

export function useRevisions(kit: number | null) {
  return useQuery<Revisions>({
    queryKey: ['revisions', kit],
    queryFn: () => data(api.get('/kits/{kit}/revisions', { params: { path: { kit: kit ?? 0 } } })),
    enabled: kit !== null,
  });
}

/** What can be done to a kit or a revision as a whole. */
export type KitDeed =
  | { what: 'demo' }
  | { what: 'new-revision' | 'delete-revision'; revision: number }
  | { what: 'delete-kit'; kit: number }
  | { what: 'kit-aside'; kit: number; aside: boolean }
  | { what: 'revision-aside'; revision: number; aside: boolean };

function does(deed: KitDeed, operationId: string): Promise<unknown> {
  const body = { operationId };
  switch (deed.what) {
    case 'demo':
      return api.post('/demo', { body });
    case 'new-revision':
      return api.post('/revisions/{revision}/revisions', { params: { path: { revision: deed.revision } }, body });
    case 'delete-revision':
      return api.remove('/revisions/{revision}', { params: { path: { revision: deed.revision } }, body });
    case 'delete-kit':
      return api.remove('/kits/{kit}', { params: { path: { kit: deed.kit } }, body });
    case 'kit-aside':
      return api.put('/kits/{kit}/aside', {
        params: { path: { kit: deed.kit } },
        body: { ...body, aside: deed.aside },
      });
    case 'revision-aside':
      return api.put('/revisions/{revision}/aside', {
        params: { path: { revision: deed.revision } },
        body: { ...body, aside: deed.aside },
      });
  }
}

/** Does something that changes the lists; one id for one intention, so that pressed three times it is done once. */
export function useKitDeed() {
  const queries = useQueryClient();
  const intended = useRef(new Map<string, string>());
  return useMutation<unknown, Refused, KitDeed>({
    mutationFn: async (deed) => {
      const key = JSON.stringify(deed);
      const operationId = intended.current.get(key) ?? crypto.randomUUID();
      intended.current.set(key, operationId);
      try {
        const answer = await does(deed, operationId);
        intended.current.delete(key);
        return answer;
      } catch (why) {
        // What got no answer is sent again as the same; what was answered is over.
        if (why instanceof Refused && why.status > 0) intended.current.delete(key);
        throw why;
      }
    },
    onSuccess: () =>
      Promise.all(
        ['shelf', 'revisions', 'library', 'stock', 'runs'].map((key) => queries.invalidateQueries({ queryKey: [key] })),
      ),
  });
}

type Drop = Readonly<{ files: readonly File[]; designatorColumn?: number; list?: string }>;

/** Dropped files on their way to a kit: handed in once, followed until they are one, or refused. */
export function useImport(onMade: (row: ShelfRow) => void) {
  const queries = useQueryClient();
  const [id, setId] = useState<number | null>(null);
  const told = useRef<number | null>(null);
  const start = useMutation<Import, Refused, Drop>({
    mutationFn: async ({ files, designatorColumn, list }) =>
      api.form(
        '/imports',
        {
          operationId: crypto.randomUUID(),
          ...(designatorColumn === undefined ? {} : { designatorColumn: String(designatorColumn) }),
          ...(list === undefined ? {} : { list }),
        },
        asFields(files),
      ),
    onSuccess: (made) => {
      queries.setQueryData(['import', made.id], made);
      setId(made.id);
    },
  });
  const now =
    useQuery<Import>({
      queryKey: ['import', id],
      queryFn: () => data(api.get('/imports/{import}', { params: { path: { import: id ?? 0 } } })),
      enabled: id !== null,
      refetchInterval: (query) =>
        query.state.data && ['queued', 'running'].includes(query.state.data.status) ? SOON : false,
    }).data ?? null;
  useEffect(() => {
    if (now?.status !== 'done' || now.kitId === null || told.current === now.id) return;
    told.current = now.id;
    void queries.invalidateQueries({ queryKey: ['shelf'] });
    void data(api.get('/kits/{kit}', { params: { path: { kit: now.kitId } } })).then(onMade);
  }, [now, onMade, queries]);
  const cancel = async () => {
    if (id !== null)
      queries.setQueryData(
        ['import', id],
        await data(api.remove('/imports/{import}', { params: { path: { import: id } } })),
      );
  };
  const leave = () => {
    setId(null);
    start.reset();
  };
  return { start, now: id === null ? null : now, cancel, leave };
}
