import { useMutation, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type { Intake, Letters, MailSettings, Report, SentMail } from './types';

const refresh = (queries: QueryClient) =>
  Promise.all(
    ['reports', 'report', 'letters', 'mails', 'shelf', 'faults'].map((key) =>
      queries.invalidateQueries({ queryKey: [key] }),
    ),
  );

/** Letters that no person wrote, or that could not be read. */
export function useLettersApart(wanted: Wanted, enabled: boolean) {
  return useQuery<Letters>({
    queryKey: ['letters', wanted],
    queryFn: () => data(api.get('/letters', { params: { query: pageQuery(wanted) } })),
    enabled,
    placeholderData: (before) => before,
  });
}

/** A letter that stood apart is a report after all. */
export function useReportOfLetter() {
  const queries = useQueryClient();
  return useMutation<Report, Refused, number>({
    mutationFn: (letter) =>
      data(
        api.post('/letters/{letter}/report', {
          params: { path: { letter } },
          body: { operationId: crypto.randomUUID() },
        }),
      ),
    onSuccess: () => refresh(queries),
  });
}

export type Brought = { operationId: string; file: File } | { operationId: string; text: string };

/** A file of letters, or a pasted one, goes in; the worker reads it. */
export function useBringIn() {
  return useMutation<Intake, Refused, Brought>({
    mutationFn: (brought) =>
      'file' in brought
        ? api.form('/intakes', { operationId: brought.operationId }, [['file', brought.file]])
        : api.form('/intakes', { operationId: brought.operationId, text: brought.text }, []),
  });
}

/** How far an intake is; asked again until it is done. */
export function useIntake(id: number | null) {
  const queries = useQueryClient();
  return useQuery<Intake>({
    queryKey: ['intake', id],
    enabled: id !== null,
    queryFn: async () => {
      const now = await data(api.get('/intakes/{intake}', { params: { path: { intake: id ?? 0 } } }));
      if (now.status === 'done' || now.status === 'failed') await refresh(queries);
      return now;
    },
    refetchInterval: ({ state }) => (state.data?.status === 'done' || state.data?.status === 'failed' ? false : 400),
  });
}

/** Reads the mailbox now; says how many letters were new. */
export function useFetchMail() {
  const queries = useQueryClient();
  return useMutation<{ read: number; fault: string }, Refused>({
    mutationFn: () => data(api.post('/letters/fetch', { body: { operationId: crypto.randomUUID() } })),
    onSuccess: () => refresh(queries),
  });
}

/** An answer is taken back while it waits, or a draft is marked as sent. */
export function useMailDeed() {
  const queries = useQueryClient();
  return useMutation<SentMail, Refused, { id: number; deed: 'back' | 'sent' }>({
    mutationFn: ({ id, deed }) => {
      const params = { path: { mail: id } };
      const body = { operationId: crypto.randomUUID() };
      return data(
        deed === 'back'
          ? api.remove('/mails/{mail}', { params, body })
          : api.post('/mails/{mail}/sent', { params, body }),
      );
    },
    onSuccess: () => refresh(queries),
  });
}

export function useMailSettings() {
  return useQuery<MailSettings>({ queryKey: ['mail settings'], queryFn: () => data(api.get('/shop/mail')) });
}

/** Saves by which way letters go. */
export function useSaveMail() {
  const queries = useQueryClient();
  return useMutation<MailSettings, Refused, Readonly<Record<string, string | number>> & { version: number }>({
    mutationFn: (words) => data(api.put('/shop/mail', { body: { operationId: crypto.randomUUID(), ...words } })),
    onSuccess: (now) => {
      queries.setQueryData(['mail settings'], now);
    },
  });
}
