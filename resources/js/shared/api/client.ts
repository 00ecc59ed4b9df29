import createClient from 'openapi-fetch';
import type { paths } from './schema';
import type { Conflict } from './types';

/** An answer that is no success; the message says what, where and what to do. */
export class Refused extends Error {
  readonly status: number;
  readonly body: unknown;

  constructor(status: number, message: string, body: unknown) {
    super(message);
    this.status = status;
    this.body = body;
  }

  /** The columns of a table whose designators could not be told. */
  get headers(): readonly string[] {
    const body = this.body as { headers?: unknown } | null;
    return Array.isArray(body?.headers) ? body.headers.map(String) : [];
  }

  /** Both texts, when somebody else changed the draft in between. */
  get conflict(): Conflict | null {
    return this.status === 409 ? (this.body as Conflict) : null;
  }
}

function messageOf(status: number, body: unknown): string {
  if (
    typeof body === 'object' &&
    body !== null &&
    'message' in body &&
    typeof body.message === 'string' &&
    body.message !== ''
  )
    return body.message;
  if (status === 401) return 'You are signed out; sign in again. Your work is kept.';
  if (status === 403) return 'Your account may look at this but not change it.';
  if (status === 429) return 'Too many requests at once; wait a minute and go on. Nothing is lost.';
  if (status === 413) return 'The file is too large; a file may have 10 MB at most.';
  return `The server answered ${String(status)}; try again.`;
}

function token(): string {
  const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie);
  return found?.[1] ? decodeURIComponent(found[1]) : '';
}

async function checked(request: Request): Promise<Response> {
  request.headers.set('X-XSRF-TOKEN', token());
  request.headers.set('Accept', 'application/json');
  const response = await fetch(request).catch(() => {
    throw new Refused(
      0,
      'The server cannot be reached. What you typed is kept; try again when the line is back.',
      null,
    );
  });
  if (!response.ok) {
    const body: unknown = await response.json().catch(() => null);
    throw new Refused(response.status, messageOf(response.status, body), body);
  }
  return response;
}

const client = createClient<paths>({ baseUrl: '/api', fetch: checked });

async function send(path: string, init: RequestInit): Promise<unknown> {
  const response = await checked(new Request(`/api${path}`, init));
  return response.status === 204 ? null : response.json();
}

/** Reads go through the typed client; writes with bodies of our own go through `post` and `upload`. */
export const api = {
  get: client.GET,
  remove: client.DELETE,
  send: (method: 'POST' | 'PUT' | 'DELETE', path: string, body: unknown): Promise<unknown> =>
    send(path, { method, body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } }),
  text: async (path: string): Promise<string> => (await checked(new Request(`/api${path}`))).text(),
  post: (path: string, body: unknown, headers: Record<string, string> = {}): Promise<unknown> =>
    send(path, {
      method: 'POST',
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json', ...headers },
    }),
  download: async (path: string, body: unknown): Promise<Blob> =>
    (
      await checked(
        new Request(`/api${path}`, {
          method: 'POST',
          body: JSON.stringify(body),
          headers: { 'Content-Type': 'application/json' },
        }),
      )
    ).blob(),
  /** Fields with at most one file, as a form. */
  form: (path: string, fields: Record<string, string>, photo: File | null): Promise<unknown> => {
    const form = new FormData();
    for (const [name, value] of Object.entries(fields)) form.append(name, value);
    if (photo) form.append('photo', photo, photo.name);
    return send(path, { method: 'POST', body: form });
  },
  upload: (path: string, files: readonly File[], fields: Record<string, string> = {}): Promise<unknown> => {
    const form = new FormData();
    for (const [name, value] of Object.entries(fields)) form.append(name, value);
    for (const file of files) form.append('files[]', file, file.name);
    return send(path, { method: 'POST', body: form });
  },
};
