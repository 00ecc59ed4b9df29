import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asFields, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type {
  Body,
  LotCount,
  LotKits,
  LotLook,
  LotsBooked,
  PackOpened,
  SerialLife,
  StockPart,
  StockParts,
} from './types';

/** Parts on hand; those that ask for a count come first. */
export function useStockParts(wanted: Wanted) {
  return useQuery<StockParts>({
    queryKey: ['stock', 'parts', wanted],
    queryFn: () => data(api.get('/stock/parts', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

/** A part with its lots and last moves. */
export function useStockPart(fingerprint: string | null) {
  return useQuery<StockPart>({
    enabled: fingerprint !== null,
    queryKey: ['stock', 'part', fingerprint],
    queryFn: () => data(api.get('/stock/part', { params: { query: { fingerprint: fingerprint ?? '' } } })),
  });
}

export type Receipt = Body<'/lots'>;
export type LotMove = Body<'/lots/{lot}/moves'>;
type Deed = { what: 'receive'; receipt: Receipt } | { what: 'move'; lot: number; move: LotMove };

/** Anything that moves one part's lots; the answer is that part as it stands. */
export function useLots() {
  const queries = useQueryClient();
  return useMutation<StockPart, Refused, Deed>({
    mutationFn: (deed) =>
      data(
        deed.what === 'receive'
          ? api.post('/lots', { body: deed.receipt })
          : api.post('/lots/{lot}/moves', { params: { path: { lot: deed.lot } }, body: deed.move }),
      ),
    onSuccess: async (part) => {
      queries.setQueryData(['stock', 'part', part.fingerprint], part);
      await queries.invalidateQueries({ queryKey: ['stock', 'parts'] });
    },
  });
}

export type PackToOpen = Omit<Body<'/packs/open'>, 'operationId'>;

/** Opens the oldest class pack of a kind; its kits are single ones from then on. */
export function useOpenPack() {
  const queries = useQueryClient();
  return useMutation<PackOpened, Refused, PackToOpen>({
    mutationFn: (pack) => data(api.post('/packs/open', { body: { operationId: crypto.randomUUID(), ...pack } })),
    onSuccess: () =>
      Promise.all(['stock', 'orders', 'shelf'].map((key) => queries.invalidateQueries({ queryKey: [key] }))),
  });
}

/** Lots from a table, all of them or none. */
export function useLotFile() {
  const queries = useQueryClient();
  return useMutation<LotsBooked, Refused, File>({
    mutationFn: (file) => api.form('/lots/file', {}, asFields([file])),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['stock'] }),
  });
}

/** Kits that have pieces of a lot, or may have. */
export function useLotKits(lot: number, page: number) {
  return useQuery<LotKits>({
    queryKey: ['stock', 'lot', lot, page],
    queryFn: () => data(api.get('/lots/{lot}/kits', { params: { path: { lot }, query: page > 1 ? { page } : {} } })),
  });
}

export type Look = Body<'/stock/look'>;

/** The mark of a lot's first piece against the list. */
export function useLook() {
  const queries = useQueryClient();
  return useMutation<LotLook, Refused, Look>({
    mutationFn: (look) => data(api.post('/stock/look', { body: look })),
    onSuccess: async (_, look) => {
      // A lot that was doubted is settled by it.
      if (typeof look.lot === 'number') await queries.invalidateQueries({ queryKey: ['stock'] });
    },
  });
}

/** The life of one kit by its serial, or the serials that are nearest. */
export function useSerialLife(serial: string) {
  return useQuery<SerialLife>({
    queryKey: ['stock', 'life', serial],
    queryFn: () => data(api.get('/serials/life', { params: { query: { serial } } })),
  });
}

/** Says by hand what happened to a packed kit. */
export function useMoveUnit(serial: string) {
  const queries = useQueryClient();
  return useMutation<SerialLife, Refused, { unit: number; body: Body<'/units/{unit}/moves'> }>({
    mutationFn: ({ unit, body }) => data(api.post('/units/{unit}/moves', { params: { path: { unit } }, body })),
    onSuccess: (life) => {
      queries.setQueryData(['stock', 'life', serial], life);
      return Promise.all(['stock', 'shelf', 'orders'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
    },
  });
}

/** Counts a heap by its weight; nothing is booked. */
export function useCountLot() {
  return useMutation<LotCount, Refused, Body<'/stock/count'>>({
    mutationFn: (body) => data(api.post('/stock/count', { body })),
  });
}
