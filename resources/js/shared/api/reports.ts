import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type { StepTimes, Body, Faults, KitPlaces, Mails, Proposal, Report, Reports, Stacks } from './types';

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

/** Serials of ours near to what was typed, itself first where it is one. */
export function useNearSerials(serial: string) {
  return useQuery<readonly string[]>({
    queryKey: ['serials', serial],
    enabled: serial.trim().length > 6,
    queryFn: async () => (await data(api.get('/serials/near', { params: { query: { serial } } }))).serials,
  });
}

/** A report that came by telephone or letter, typed in. */
export function useTypeReport() {
  const queries = useQueryClient();
  return useMutation<Report, Refused, { serial: string; text: string; name: string; email: string }>({
    mutationFn: (words) => data(api.post('/reports', { body: { operationId: crypto.randomUUID(), ...words } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['reports'] }),
  });
}

export function useMails(wanted: Wanted, enabled: boolean) {
  return useQuery<Mails>({
    queryKey: ['mails', wanted],
    queryFn: () => data(api.get('/mails', { params: { query: pageQuery(wanted) } })),
    enabled,
    placeholderData: (before) => before,
  });
}

/** Reports of a kit in stacks, one for each matter. */
export function useStacks(wanted: Wanted, kit: number | null, shown: 'open' | 'all') {
  return useQuery<Stacks>({
    queryKey: ['reports', 'stacks', wanted, kit, shown],
    queryFn: () =>
      data(
        api.get('/reports/stacks', {
          params: { query: { ...pageQuery(wanted), shown, ...(kit === null ? {} : { kit: String(kit) }) } },
        }),
      ),
    refetchInterval: 20_000,
    placeholderData: (before) => before,
  });
}

/** What the kit's own model makes of a report. */
export function useProposal(report: number) {
  return useQuery<Proposal>({
    queryKey: ['report', report, 'proposal'],
    queryFn: () => data(api.get('/reports/{report}/proposal', { params: { path: { report } } })),
    staleTime: 30_000,
  });
}

/** What may be noticed of a kit, and the places its faults may sit at. */
export function useKitPlaces(kit: number | null) {
  return useQuery<KitPlaces>({
    queryKey: ['places', kit],
    queryFn: () => data(api.get('/kits/{kit}/places', { params: { path: { kit: kit ?? 0 } } })),
    enabled: kit !== null,
    staleTime: 60_000,
  });
}

type Support =
  | { what: 'judgements'; body: Omit<Body<'/reports/{report}/judgements'>, 'operationId'> }
  | { what: 'answers'; body: Omit<Body<'/reports/{report}/answers'>, 'operationId'> };

/** What support does with a report: judge it, answer it. */
export function useSupport(id: number) {
  const queries = useQueryClient();
  return useMutation<Report, Refused, Support>({
    mutationFn: (deed) => {
      const params = { path: { report: id } };
      const operationId = crypto.randomUUID();
      return data(
        deed.what === 'judgements'
          ? api.post('/reports/{report}/judgements', { params, body: { operationId, ...deed.body } })
          : api.post('/reports/{report}/answers', { params, body: { operationId, ...deed.body } }),
      );
    },
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

export type FaqWords = Omit<Body<'/revisions/{revision}/faq'>, 'operationId'>;

/** Writes the FAQ entry of a kit for a symptom and a cause. */
export function useWriteFaq(revisionId: number) {
  const queries = useQueryClient();
  return useMutation<Faults, Refused, FaqWords>({
    mutationFn: (words) =>
      data(
        api.post('/revisions/{revision}/faq', {
          params: { path: { revision: revisionId } },
          body: { operationId: crypto.randomUUID(), ...words },
        }),
      ),
    onSuccess: (faults) => {
      queries.setQueryData(['faults', revisionId], faults);
    },
  });
}

/** Remembers that a cause was mended, so that it is watched from then on. */
export function useMend(revisionId: number) {
  const queries = useQueryClient();
  return useMutation<Faults, Refused, Omit<Body<'/revisions/{revision}/mendings'>, 'operationId'>>({
    mutationFn: (what) =>
      data(
        api.post('/revisions/{revision}/mendings', {
          params: { path: { revision: revisionId } },
          body: { operationId: crypto.randomUUID(), ...what },
        }),
      ),
    onSuccess: (faults) => {
      queries.setQueryData(['faults', revisionId], faults);
    },
  });
}

export function useUnmend(revisionId: number) {
  const queries = useQueryClient();
  return useMutation<Faults, Refused, number>({
    mutationFn: (mending) =>
      data(
        api.remove('/revisions/{revision}/mendings/{mending}', { params: { path: { revision: revisionId, mending } } }),
      ),
    onSuccess: (faults) => {
      queries.setQueryData(['faults', revisionId], faults);
    },
  });
}

/** How long builders took for each step, from those who let it be counted, and where they stopped. */
export function useStepTimes(revisionId: number) {
  return useQuery<StepTimes>({
    queryKey: ['times', revisionId],
    queryFn: () => data(api.get('/revisions/{revision}/times', { params: { path: { revision: revisionId } } })),
  });
}
