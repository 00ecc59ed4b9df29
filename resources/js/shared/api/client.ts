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

  /** The tables of which any may be the parts list. */
  get lists(): readonly string[] {
    const body = this.body as { lists?: unknown } | null;
    return Array.isArray(body?.lists) ? body.lists.map(String) : [];
  }

  /** True where it is a question: asked again with a yes, it is done. */
  get asks(): boolean {
    const body = this.body as { asks?: unknown } | null;
    return body?.asks === true;
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

type Multipart = {
  [P in keyof paths]: paths[P] extends { post: { requestBody: { content: { 'multipart/form-data': unknown } } } }
    ? P
    : never;
}[keyof paths];
type Made<P extends Multipart> = paths[P] extends {
  post: { responses: { 200: { content: { 'application/json': infer Answer } } } };
}
  ? Answer
  : never;

/** Files with the fields beside them, as a form; `{revision}` in the path is filled from `at`. */
async function form<P extends Multipart>(
  path: P,
  fields: Readonly<Record<string, string>>,
  files: readonly (readonly [field: string, file: File])[],
  at: Readonly<Record<string, number>> = {},
): Promise<Made<P>> {
  const body = new FormData();
  for (const [name, value] of Object.entries(fields)) body.append(name, value);
  for (const [name, file] of files) body.append(name, file, file.name);
  const template: string = path;
  const address = template.replace(/\{(\w+)\}/g, (_, name: string) => String(at[name]));
  const response = await checked(new Request(`/api${address}`, { method: 'POST', body }));
  return (await response.json()) as Made<P>;
}

/** Every read and every write goes by the published paths and their types. */
export const api = {
  get: client.GET,
  post: client.POST,
  put: client.PUT,
  remove: client.DELETE,
  form,
  text: async (path: string): Promise<string> => (await checked(new Request(`/api${path}`))).text(),
};

/** Dropped files as fields of a form. */
export const asFields = (files: readonly File[]): (readonly [string, File])[] =>
  files.map((file) => ['files[]', file] as const);
