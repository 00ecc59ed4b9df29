import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asFields, type Refused } from './client';
import { data } from './data';
import { chosen, useOptions } from './options';
import type {
  Approach,
  Drawings,
  Facts,
  OldText,
  Bags,
  Boards,
  Change,
  Header,
  ManualDocument,
  Markings,
  Marks,
  Order,
  Circle,
  Difference,
  Override,
  PartsDocument,
  Person,
  Skyline,
  Trial,
} from './types';

export function useMe() {
  return useQuery<Person>({ queryKey: ['me'], queryFn: () => data(api.get('/me')), staleTime: 60_000 });
}

export function useHeader(id: number | null) {
  return useQuery<Header>({
    queryKey: ['revision', id, 'header'],
    queryFn: () => data(api.get('/revisions/{revision}', { params: { path: { revision: id ?? 0 } } })),
    enabled: id !== null,
  });
}

export function useParts(id: number | null) {
  const options = useOptions();
  return useQuery<PartsDocument>({
    enabled: id !== null,
    queryKey: ['revision', id, 'parts', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/parts', {
          params: { path: { revision: id ?? 0 }, ...chosen(options) },
        }),
      ),
  });
}

export function useBoards(id: number) {
  const options = useOptions();
  return useQuery<Boards>({
    queryKey: ['revision', id, 'boards', options],
    queryFn: () =>
      data(api.get('/revisions/{revision}/boards', { params: { path: { revision: id }, ...chosen(options) } })),
  });
}

export function useOrder(id: number) {
  const options = useOptions();
  return useQuery<Order | Circle>({
    queryKey: ['revision', id, 'order', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/order', { params: { path: { revision: id }, ...chosen(options) } }),
      ),
  });
}

export function useMarks(id: number) {
  const options = useOptions();
  return useQuery<Marks>({
    queryKey: ['revision', id, 'marks', options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/documents/marks', { params: { path: { revision: id }, ...chosen(options) } }),
      ),
  });
}

export function useDifference(id: number, earlier: number) {
  return useQuery<Difference>({
    queryKey: ['revision', id, 'difference', earlier],
    queryFn: () =>
      data(api.get('/revisions/{revision}/difference/{earlier}', { params: { path: { revision: id, earlier } } })),
    enabled: earlier > 0,
    retry: false,
  });
}

export function useBags(id: number) {
  const options = useOptions();
  return useQuery<Bags>({
    queryKey: ['revision', id, 'bags', options],
    queryFn: () =>
      data(api.get('/revisions/{revision}/documents/bags', { params: { path: { revision: id }, ...chosen(options) } })),
  });
}

/** Null while the order is a cycle: there is nothing to print yet. */
export function useManual(id: number) {
  const options = useOptions();
  return useQuery<ManualDocument | null>({
    queryKey: ['revision', id, 'manual', options],
    queryFn: async () => {
      const manual = await data(
        api.get('/revisions/{revision}/documents/manual', { params: { path: { revision: id }, ...chosen(options) } }),
      );
      return Array.isArray(manual) ? null : manual;
    },
  });
}

const seenAs = (sequence: number) => ({ 'If-Match': `"${String(sequence)}"` });

/** Freezes a draft as it was seen. */
export function useRelease(id: number) {
  const queries = useQueryClient();
  return useMutation<Header, Refused>({
    mutationFn: async () => {
      const seen = queries.getQueryData<Header>(['revision', id, 'header'])?.sequence ?? 0;
      return data(
        api.post('/revisions/{revision}/release', {
          params: { path: { revision: id }, header: seenAs(seen) },
          body: { operationId: crypto.randomUUID() },
        }),
      );
    },
    onSuccess: (header) => afterEdit(queries, id, header),
  });
}

export function useSkyline(id: number, step: number | null) {
  const options = useOptions();
  return useQuery<Skyline>({
    queryKey: ['revision', id, 'skyline', step, options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/skyline/{step}', {
          params: { path: { revision: id, step: step ?? 0 }, ...chosen(options) },
        }),
      ),
    enabled: step !== null,
    placeholderData: (before) => before,
  });
}

/** The paragraphs of an old manual, each with the step and the test its words suggest. */
export function useOldText(id: number) {
  return useQuery<OldText>({
    queryKey: ['revision', id, 'old-text'],
    queryFn: () => data(api.get('/revisions/{revision}/documents/old-text', { params: { path: { revision: id } } })),
  });
}

/** What is said of the kit as a whole, and what can be named in it. */
export function useFacts(id: number) {
  return useQuery<Facts>({
    queryKey: ['revision', id, 'facts'],
    queryFn: () => data(api.get('/revisions/{revision}/facts', { params: { path: { revision: id } } })),
  });
}

/** The circuit drawings of a revision, safe to show, with its designators marked. */
export function useDrawings(id: number) {
  return useQuery<Drawings>({
    queryKey: ['revision', id, 'drawings'],
    queryFn: () => data(api.get('/revisions/{revision}/drawings', { params: { path: { revision: id } } })),
  });
}

/** From where a part is reached, with all parts on the board or with those of the steps so far. */
export function useApproach(id: number, designator: string | null, step: number | null) {
  const options = useOptions();
  return useQuery<Approach>({
    queryKey: ['revision', id, 'approach', designator, step, options],
    queryFn: () =>
      data(
        api.get('/revisions/{revision}/approach/{designator}', {
          params: {
            path: { revision: id, designator: designator ?? '' },
            query: { ...(options === '' ? {} : { options }), ...(step === null ? {} : { step }) },
          },
        }),
      ),
    enabled: designator !== null && !designator.startsWith('~'),
  });
}

export function useMarkings(text: string) {
  return useQuery<Markings>({
    queryKey: ['markings', text],
    queryFn: () => data(api.get('/markings', { params: { query: { text } } })),
    enabled: text.length > 1,
    staleTime: Infinity,
  });
}

/** Writes of one draft go one after another, so that nobody is in conflict with themselves. */
function writes(id: number): { id: string } {
  return { id: `revision ${String(id)}` };
}

/** Saves changes to a draft against the version seen; the caller's id makes a resend harmless. */
export function useEdit(id: number) {
  const queries = useQueryClient();
  return useMutation<Header, Refused, readonly Change[]>({
    scope: writes(id),
    mutationFn: async (changes) => {
      const seen = queries.getQueryData<Header>(['revision', id, 'header'])?.sequence ?? 0;
      return data(
        api.post('/revisions/{revision}/edits', {
          params: { path: { revision: id }, header: seenAs(seen) },
          body: { operationId: crypto.randomUUID(), changes: [...changes] },
        }),
      );
    },
    onSuccess: (header) => afterEdit(queries, id, header),
  });
}

/** Takes the last edit back, or does it again. */
export function useTurn(id: number) {
  const queries = useQueryClient();
  return useMutation<Header, Refused, 'undo' | 'redo'>({
    scope: writes(id),
    mutationFn: async (way) => {
      const seen = queries.getQueryData<Header>(['revision', id, 'header'])?.sequence ?? 0;
      const asked = {
        params: { path: { revision: id }, header: seenAs(seen) },
        body: { operationId: crypto.randomUUID() },
      };
      return way === 'undo'
        ? data(api.post('/revisions/{revision}/undo', asked))
        : data(api.post('/revisions/{revision}/redo', asked));
    },
    onSuccess: (header) => afterEdit(queries, id, header),
  });
}

export function useAddFiles(id: number) {
  const queries = useQueryClient();
  return useMutation<Header, Refused, { files: readonly File[]; list?: string }>({
    scope: writes(id),
    mutationFn: async ({ files, list }) => {
      const seen = queries.getQueryData<Header>(['revision', id, 'header'])?.sequence ?? 0;
      const fields = {
        operationId: crypto.randomUUID(),
        sequence: String(seen),
        ...(list === undefined ? {} : { list }),
      };
      return api.form('/revisions/{revision}/files', fields, asFields(files), { revision: id });
    },
    onSuccess: (header) => afterEdit(queries, id, header),
  });
}

type PlacedPhoto = {
  photo: File;
  corners: readonly (readonly [x: number, y: number])[];
  at: readonly string[];
  board: string;
  side: 'top' | 'bottom';
  /** the maker was asked whether it is this board */ sure: boolean;
};

/** Puts a photograph at a step, squared by its corners. */
export function useStepPhoto(id: number) {
  const queries = useQueryClient();
  return useMutation<Header, Refused, PlacedPhoto>({
    scope: writes(id),
    mutationFn: ({ photo, corners, at, board, side, sure }) => {
      const fields = {
        operationId: crypto.randomUUID(),
        sequence: String(queries.getQueryData<Header>(['revision', id, 'header'])?.sequence ?? 0),
        corners: corners.map((corner) => corner.map((share) => share.toFixed(5)).join(' ')).join(';'),
        at: at.join(' '),
        board,
        side,
        sure: sure ? '1' : '0',
      };
      return api.form('/revisions/{revision}/step-photos', fields, [['photo', photo]], { revision: id });
    },
    onSuccess: (header) => afterEdit(queries, id, header),
  });
}

export function tryOrder(id: number, overrides: readonly Override[], options: string): Promise<Trial> {
  const body = { overrides: [...overrides], options };
  return data(api.post('/revisions/{revision}/order/try', { params: { path: { revision: id } }, body }));
}

function afterEdit(queries: ReturnType<typeof useQueryClient>, id: number, header: Header): Promise<void> {
  queries.setQueryData(['revision', id, 'header'], header);
  void queries.invalidateQueries({ queryKey: ['shelf'] });
  return queries.invalidateQueries({
    queryKey: ['revision', id],
    predicate: (query) => query.queryKey[2] !== 'header',
  });
}
