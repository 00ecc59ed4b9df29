import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import type { PackAction, Run, Runs, SalesOrders, Stock } from './types';

export function useRuns() {
  return useQuery<Runs>({ queryKey: ['runs'], queryFn: () => data(api.get('/runs')) });
}

export function useRun(id: number) {
  return useQuery<Run>({ queryKey: ['run', id], queryFn: () => data(api.get('/runs/{run}', { params: { path: { run: id } } })) });
}

export function useStartRun() {
  const queries = useQueryClient();
  return useMutation<Run, Refused, { releaseId: number; packs: number; packSize: number; options: string }>({
    mutationFn: async (run) => (await api.post('/runs', { operationId: crypto.randomUUID(), ...run })) as Run,
    onSuccess: (run) => {
      queries.setQueryData(['run', run.id], run);
      return queries.invalidateQueries({ queryKey: ['runs'] });
    },
  });
}

/** What the server answers when somebody else went on with the run: why, and the run as it stands. */
export function runOf(refusal: Refused): Run | null {
  const body = refusal.body as { run?: Run } | null;
  return body?.run ?? null;
}

/** One key of the packer; a resend of the same operation is harmless. */
export async function pack(run: number, event: { operationId: string; action: PackAction; line: number; pack: number; lot?: string }): Promise<Run> {
  return (await api.post(`/runs/${String(run)}/events`, event)) as Run;
}

export function useStock() {
  return useQuery<Stock>({ queryKey: ['stock'], queryFn: () => data(api.get('/stock')) });
}

export function useSales() {
  return useQuery<SalesOrders>({ queryKey: ['orders'], queryFn: () => data(api.get('/orders')) });
}

/** Anything that changes orders; the answer is the whole list. */
export function useSale() {
  const queries = useQueryClient();
  return useMutation<SalesOrders, Refused, { path: string; body: object } | { file: File }>({
    mutationFn: async (sale) => ('file' in sale ? ((await api.upload('/orders/file', [sale.file])) as SalesOrders) : ((await api.post(sale.path, { operationId: crypto.randomUUID(), ...sale.body })) as SalesOrders)),
    onSuccess: async (orders) => {
      queries.setQueryData(['orders'], orders);
      await Promise.all([queries.invalidateQueries({ queryKey: ['stock'] }), queries.invalidateQueries({ queryKey: ['shelf'] })]);
    },
  });
}
