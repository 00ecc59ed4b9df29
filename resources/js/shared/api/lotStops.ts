import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import type { Body, LotStop } from './types';

/** What stopping a lot would do, or did. */
export function useLotStop(lot: number) {
  return useQuery<LotStop>({
    queryKey: ['stock', 'stop', lot],
    queryFn: () => data(api.get('/lots/{lot}/stop', { params: { path: { lot } } })),
  });
}

type Deed = { what: 'stop'; body: Omit<Body<'/lots/{lot}/stop'>, 'operationId'> } | { what: 'send' } | { what: 'back' };

/** Stops a lot, sends the letters that tell of it, or takes all of it back. */
export function useStopLot(lot: number) {
  const queries = useQueryClient();
  return useMutation<LotStop, Refused, Deed>({
    mutationFn: (deed) => {
      const params = { path: { lot } };
      const operationId = crypto.randomUUID();
      return data(
        deed.what === 'stop'
          ? api.post('/lots/{lot}/stop', { params, body: { operationId, ...deed.body } })
          : deed.what === 'send'
            ? api.post('/lots/{lot}/stop/letters', { params, body: { operationId } })
            : api.remove('/lots/{lot}/stop', { params, body: { operationId } }),
      );
    },
    onSuccess: async (sheet) => {
      queries.setQueryData(['stock', 'stop', lot], sheet);
      await Promise.all(
        [['stock', 'part'], ['stock', 'parts'], ['orders'], ['shelf'], ['mails'], ['planks']].map((queryKey) =>
          queries.invalidateQueries({ queryKey }),
        ),
      );
    },
  });
}
