import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asFields, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type {
  Body,
  BuyingPlan,
  Offers,
  OffersTaken,
  Planks,
  Purchase,
  Purchases,
  Supplier,
  Suppliers,
  KitReach,
} from './types';

/** How far each part of a kit reaches, in kits. */
export function usePlanks(kit: number | null) {
  return useQuery<Planks>({
    enabled: kit !== null,
    queryKey: ['stock', 'planks', kit],
    queryFn: () => data(api.get('/kits/{kit}/planks', { params: { path: { kit: kit ?? 0 } } })),
  });
}

/** How long kits last, by kit; it comes after the rows that show it. */
export function useReach(kits: readonly number[]) {
  return useQuery<ReadonlyMap<number, KitReach>>({
    enabled: kits.length > 0,
    queryKey: ['stock', 'reach', kits.join(',')],
    queryFn: async () => {
      const reach = await data(api.get('/reach', { params: { query: { kits: kits.join(',') } } }));
      return new Map(reach.kits.map((each) => [each.kitId, each]));
    },
    placeholderData: (before) => before,
  });
}

/** What a plan is asked for: `3:20,5:10` is twenty of kit 3 and ten of kit 5. */
export type Asked = { kits: string; spares?: string; without?: string; rates?: string };

/** What to order for some kits; nothing is asked while there are none. */
export function useBuyingPlan(asked: Asked) {
  return useQuery<BuyingPlan>({
    enabled: asked.kits !== '',
    queryKey: ['stock', 'buying', asked],
    queryFn: () => data(api.get('/buying', { params: { query: asked } })),
    placeholderData: (before) => before,
  });
}

export function useSuppliers() {
  return useQuery<Suppliers>({ queryKey: ['stock', 'suppliers'], queryFn: () => data(api.get('/suppliers')) });
}

export type SupplierTerms = Omit<Body<'/suppliers'>, 'operationId' | 'version'>;
type Deed =
  { what: 'supplier'; of: Supplier | null; terms: SupplierTerms } | { what: 'rate'; currency: string; rate: string };

/** Writes a supplier or a rate; the answer is all of them as they stand. */
export function useSupplierDeed() {
  const queries = useQueryClient();
  return useMutation<Suppliers, Refused, Deed>({
    mutationFn: (deed) => {
      const operationId = crypto.randomUUID();
      if (deed.what === 'rate')
        return data(api.post('/rates', { body: { operationId, currency: deed.currency, rate: deed.rate } }));
      if (deed.of === null) return data(api.post('/suppliers', { body: { operationId, ...deed.terms } }));
      return data(
        api.put('/suppliers/{supplier}', {
          params: { path: { supplier: deed.of.id } },
          body: { operationId, version: deed.of.version, ...deed.terms },
        }),
      );
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: ['stock'] }),
  });
}

export function useOffers(wanted: Wanted) {
  return useQuery<Offers>({
    queryKey: ['stock', 'offers', wanted],
    queryFn: () => data(api.get('/offers', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

/** Offers or suppliers from a table; a row that cannot be used is named, the others are booked. */
export function useOfferFile() {
  const queries = useQueryClient();
  return useMutation<OffersTaken, Refused, File>({
    mutationFn: (file) => api.form('/offers/file', {}, asFields([file])),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['stock'] }),
  });
}

export function usePurchases(page: number) {
  return useQuery<Purchases>({
    queryKey: ['stock', 'purchases', page],
    queryFn: () => data(api.get('/purchases', { params: { query: page > 1 ? { page } : {} } })),
    placeholderData: (before) => before,
  });
}

type PurchaseDeed =
  | { what: 'order'; asked: Asked; total: string; operationId: string }
  | { what: 'receive'; line: number; lot: string; quantity: string; isLast: boolean; operationId: string }
  | { what: 'cancel'; purchase: number };

/** Orders parts, books what came, calls an order off; the answer is that order. */
export function usePurchaseDeed() {
  const queries = useQueryClient();
  return useMutation<Purchase, Refused, PurchaseDeed>({
    mutationFn: (deed) => data(sent(deed)),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['stock'] }),
  });
}

function sent(deed: PurchaseDeed) {
  if (deed.what === 'cancel')
    return api.remove('/purchases/{purchase}', { params: { path: { purchase: deed.purchase } } });
  if (deed.what === 'order') {
    const { kits, spares, without, rates } = deed.asked;
    return api.post('/purchases', {
      body: {
        operationId: deed.operationId,
        total: deed.total,
        kits,
        ...(spares === undefined ? {} : { spares: '1' }),
        ...(without === undefined ? {} : { without: Number(without) }),
        ...(rates === undefined ? {} : { rates }),
      },
    });
  }
  const { line, lot, quantity, isLast, operationId } = deed;
  return api.post('/purchase-lines/{line}/receipts', {
    params: { path: { line } },
    body: { operationId, lot, quantity, isLast },
  });
}
