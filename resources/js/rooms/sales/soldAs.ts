import { dealt } from '@/shared/format';

/** What is ordered: a kit by itself, in a class pack of so many, or goods that are made of parts. */
export const FORMS = ['1', '5 kind', '5 pupil', '10 kind', '10 pupil', '20 kind', '20 pupil', 'goods'] as const;
export type Form = (typeof FORMS)[number];

export function parted(form: Form) {
  const [size = '1', dealing] = form.split(' ');
  return {
    packSize: form === 'goods' ? 1 : (Number(size) as 1 | 5 | 10 | 20),
    ...(dealing === undefined ? {} : { dealing: dealing as 'kind' | 'pupil' }),
  };
}

export function formWords(form: Form): string {
  if (form === '1') return 'single kits';
  if (form === 'goods') return 'a board, case, spare or parcel alone';
  const { packSize, dealing } = parted(form);
  return `class packs of ${String(packSize)}, ${dealt(dealing ?? '')}`;
}
