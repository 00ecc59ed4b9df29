import { optionWords } from './options';

type Sold = { name: string; packSize: number; dealing: '' | 'kind' | 'pupil'; options: string };

const DEALT = { '': '', kind: 'dealt by part', pupil: 'a kit a pupil' } as const;

/** How the kits of a class pack lie in it. */
export function dealt(dealing: Sold['dealing']): string {
  return DEALT[dealing];
}

/** What an article is, in words: its name, what class pack it is, its options. */
export function articleWords({ name, packSize, dealing, options }: Sold): string {
  const pack = packSize > 1 ? `, class pack of ${String(packSize)}, ${DEALT[dealing]}` : '';
  return `${name}${pack}${options === '' ? '' : ` (${optionWords(options)})`}`;
}
