import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Refused } from './client';
import { data } from './data';
import { useOptions } from './options';
import type { Body, Export } from './types';

/** Has something printed in the background, tells how far it is, and can take it back. */
export function useExport() {
  const queries = useQueryClient();
  const options = useOptions();
  const [id, setId] = useState<number | null>(null);
  const start = useMutation<Export, Refused, Omit<Body<'/exports'>, 'operationId' | 'options'>>({
    mutationFn: (wanted) =>
      data(api.post('/exports', { body: { operationId: crypto.randomUUID(), options, ...wanted } })),
    onSuccess: (made) => {
      queries.setQueryData(['export', made.id], made);
      setId(made.id);
    },
  });
  const made = useQuery<Export>({
    queryKey: ['export', id],
    queryFn: () => data(api.get('/exports/{export}', { params: { path: { export: id ?? 0 } } })),
    enabled: id !== null,
    refetchInterval: (query) =>
      query.state.data && ['queued', 'running'].includes(query.state.data.status) ? 400 : false,
  });
  const cancel = async () => {
    if (id !== null)
      queries.setQueryData(
        ['export', id],
        await data(api.remove('/exports/{export}', { params: { path: { export: id } } })),
      );
  };
  return { start, made: id === null ? null : (made.data ?? null), cancel };
}
