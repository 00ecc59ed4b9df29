import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, type ReactNode } from 'react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { vi } from 'vitest';
import { mount } from './mount';

export type Answers = Readonly<Record<string, unknown>>;

/** Answers by `GET /path`, without what is asked behind it; anything else is not there. */
export function serve(answers: Answers): void {
  vi.stubGlobal(
    'fetch',
    vi.fn((request: Request) => {
      const key = `${request.method} ${new URL(request.url).pathname.replace('/api', '')}`;
      const known = key in answers;
      const body = known ? answers[key] : { message: `no answer to ${key}` };
      return Promise.resolve(new Response(JSON.stringify(body), { status: known ? 200 : 404 }));
    }),
  );
}

/** Every question is answered so. */
export function refuse(status: number, message: string): void {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response(JSON.stringify({ message }), { status }))),
  );
}

/** The line is gone. */
export function goOffline(): void {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.reject(new TypeError('Failed to fetch'))),
  );
}

/** A room at its address, with a server behind it; waits until all that is asked is answered. */
export async function enter(room: ReactNode, at = '/room', path = at.split('?')[0] ?? at): Promise<HTMLElement> {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } });
  const box = mount(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path={path} element={room} />
          <Route path="*" element={<p>elsewhere</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await settle(queries);
  return box;
}

async function settle(queries: QueryClient): Promise<void> {
  for (let round = 0; round < 60; round += 1) {
    await act(async () => {
      await new Promise((done) => setTimeout(done, 5));
    });
    if (round > 2 && queries.isFetching() === 0 && queries.isMutating() === 0) return;
  }
}

/** What somebody reads, with the fields' names. */
export const read = (box: HTMLElement): string =>
  (box.ownerDocument.body.textContent || box.textContent).replace(/\s+/g, ' ');
