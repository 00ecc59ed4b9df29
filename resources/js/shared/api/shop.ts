import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import type { Doctor, Invitation, Invited, People, Role, Shop, ShopChange } from './types';

const once = () => ({ operationId: crypto.randomUUID() });

export function useShop() {
  return useQuery<Shop>({ queryKey: ['shop'], queryFn: () => data(api.get('/shop')) });
}

/** Saves who we are; every print, code and sum follows. */
export function useSaveShop() {
  const queries = useQueryClient();
  return useMutation<Shop, Refused, ShopChange>({
    mutationFn: (change) => data(api.put('/shop', { body: { ...once(), ...change } })),
    onSuccess: (shop) => {
      queries.setQueryData(['shop'], shop);
      return queries.invalidateQueries({ queryKey: ['me'] });
    },
    // Somebody else wrote it: what they wrote is fetched, so that it can be looked at and saved upon.
    onError: (why) => (why.status === 409 ? queries.invalidateQueries({ queryKey: ['shop'] }) : undefined),
  });
}

/** Keeps the logo, or takes it away. */
export function useSaveLogo() {
  const queries = useQueryClient();
  return useMutation<Shop, Refused, { version: number; logo: File | null }>({
    mutationFn: ({ version, logo }) =>
      api.form('/shop/logo', { ...once(), version: String(version) }, logo ? [['logo', logo]] : []),
    onSuccess: (shop) => {
      queries.setQueryData(['shop'], shop);
    },
  });
}

export function usePeople() {
  return useQuery<People>({ queryKey: ['people'], queryFn: () => data(api.get('/people')) });
}

/** What changes who may sign in; each answer is the new list. */
export function useChangePeople() {
  const queries = useQueryClient();
  const keep = (people: People) => {
    queries.setQueryData(['people'], { people: people.people, invited: people.invited });
  };
  const invite = useMutation<Invited, Refused, { name: string; email: string; role: Role }>({
    mutationFn: (who) => data(api.post('/invitations', { body: { ...once(), ...who } })),
    onSuccess: keep,
  });
  const withdraw = useMutation<People, Refused, number>({
    mutationFn: (invitation) =>
      data(api.remove('/invitations/{invitation}', { params: { path: { invitation } }, body: once() })),
    onSuccess: keep,
  });
  const role = useMutation<People, Refused, { person: number; role: Role }>({
    mutationFn: ({ person, role }) =>
      data(api.put('/people/{person}', { params: { path: { person } }, body: { ...once(), role } })),
    onSuccess: keep,
  });
  const takeAway = useMutation<People, Refused, number>({
    mutationFn: (person) => data(api.remove('/people/{person}', { params: { path: { person } }, body: once() })),
    onSuccess: keep,
  });
  return { invite, withdraw, role, takeAway };
}

export function useInvitation(token: string) {
  return useQuery<Invitation, Refused>({
    queryKey: ['join', token],
    queryFn: () => data(api.get('/join/{token}', { params: { path: { token } } })),
    retry: false,
  });
}

export function useDoctor() {
  return useQuery<Doctor>({
    queryKey: ['doctor'],
    queryFn: () => data(api.get('/shop/doctor')),
    refetchInterval: 30_000,
  });
}
