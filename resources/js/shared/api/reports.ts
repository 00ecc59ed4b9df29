import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type { Faults, Mails, Report, Reports } from './types';

export function useReports(wanted: Wanted, shown: 'open' | 'all') {
  return useQuery<Reports>({
    queryKey: ['reports', wanted, shown],
    queryFn: () => data(api.get('/reports', { params: { query: { ...pageQuery(wanted), shown } } })),
    refetchInterval: 20_000,
    placeholderData: (before) => before,
  });
}

export function useReport(id: number | null) {
  return useQuery<Report>({
    queryKey: ['report', id],
    queryFn: () => data(api.get('/reports/{report}', { params: { path: { report: id ?? 0 } } })),
    enabled: id !== null,
  });
}

export function useMails(enabled: boolean) {
  return useQuery<Mails>({ queryKey: ['mails'], queryFn: () => data(api.get('/mails')), enabled });
}

/** What support does with a report: judge it, answer it. */
export function useSupport(id: number) {
  const queries = useQueryClient();
  return useMutation<Report, Refused, { what: 'judgements' | 'answers'; body: object }>({
    mutationFn: async ({ what, body }) =>
      (await api.post(`/reports/${String(id)}/${what}`, { operationId: crypto.randomUUID(), ...body })) as Report,
    onSuccess: async (report) => {
      queries.setQueryData(['report', id], report);
      await Promise.all(
        ['reports', 'mails', 'shelf', 'faults'].map((key) => queries.invalidateQueries({ queryKey: [key] })),
      );
    },
  });
}

export function useFaults(id: number) {
  return useQuery<Faults>({
    queryKey: ['faults', id],
    queryFn: () => data(api.get('/revisions/{revision}/faults', { params: { path: { revision: id } } })),
  });
}

export type FaqWords = {
  symptom: string;
  cause: string;
  question: string;
  answer: string;
  anchor: readonly string[];
  published: boolean;
};

/** Writes the FAQ entry of a kit for a symptom and a cause. */
export function useWriteFaq(revisionId: number) {
  const queries = useQueryClient();
  return useMutation<Faults, Refused, FaqWords>({
    mutationFn: async (words) =>
      (await api.post(`/revisions/${String(revisionId)}/faq`, {
        operationId: crypto.randomUUID(),
        ...words,
      })) as Faults,
    onSuccess: (faults) => {
      queries.setQueryData(['faults', revisionId], faults);
    },
  });
}
