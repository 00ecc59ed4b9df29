import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import type { Curve, Price } from './types';

/** What is put otherwise to see what it would do: a share like 0.4, a price whose margin is asked. */
export type PriceTrial = { batch?: string; margin?: string; price?: string };

/** What a kit costs step by step, and its price. */
export function usePrice(kit: number | null, tried: PriceTrial) {
  return useQuery<Price>({
    enabled: kit !== null,
    queryKey: ['stock', 'price', kit, tried],
    queryFn: () => data(api.get('/kits/{kit}/price', { params: { path: { kit: kit ?? 0 }, query: tried } })),
    placeholderData: (before) => (before?.kitId === kit ? before : undefined),
  });
}

/** What the parts of one kit cost by the size of the batch, from 1 on. */
export function useCurve(kit: number | null) {
  return useQuery<Curve>({
    enabled: kit !== null,
    queryKey: ['stock', 'curve', kit],
    queryFn: () => data(api.get('/kits/{kit}/curve', { params: { path: { kit: kit ?? 0 } } })),
  });
}

export type PriceFacts = Partial<Price['facts']>;

/** Says what a kit costs beside its parts from now on. */
export function usePriceFacts(kit: number) {
  const queries = useQueryClient();
  return useMutation<Price, Refused, { version: number; facts: PriceFacts }>({
    mutationFn: ({ version, facts: { batch, ...facts } }) =>
      data(
        api.put('/kits/{kit}/price', {
          params: { path: { kit } },
          body: {
            operationId: crypto.randomUUID(),
            version,
            ...facts,
            ...(batch === undefined ? {} : { batch: Number(batch) }),
          },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['stock', 'price'] }),
  });
}
