import type { BuilderPage } from '@/shared/api';
import { isObject } from '@/shared/keep';

/** A page that was given as a folder: it comes with its kit, asks no server, and its reports go by mail. */
export type Folder = { page: BuilderPage; mail: string | null; key: string };

function isGiven(value: unknown): value is { page: BuilderPage; mail: string | null } {
  return isObject(value) && isObject(value['page']) && isObject(value['page']['manual']);
}

/** The serial number stands behind the `#`, as the label prints it. */
export function serialOf(hash: string): string | null {
  const text = hash.replace(/^#/, '').trim().toUpperCase();
  return /^[A-Z0-9][A-Z0-9-]{2,39}$/.test(text) ? text : null;
}

/** What the folder's script holds, as the page shows it. */
export function folderOf(given: unknown, hash: string): Folder | null {
  if (!isGiven(given)) return null;
  const serial = serialOf(hash);
  const { manual } = given.page;
  return {
    page: { ...given.page, serial },
    mail: given.mail,
    key: `folder ${manual.kit} ${manual.revision} ${serial ?? ''}`,
  };
}
