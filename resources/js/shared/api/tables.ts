import { api } from './client';
import { data } from './data';

/** A table as a workbook. */
export function workbookOf(name: string, rows: readonly (readonly string[])[]): Promise<Blob> {
  const body = { name, rows: rows.map((row) => [...row]) };
  // What is published as a binary string arrives as a blob.
  return data(api.post('/tables', { body, parseAs: 'blob' }));
}
