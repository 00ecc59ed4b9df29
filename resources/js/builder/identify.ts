import type { ManualDocument } from '@/shared/api';

/** What the builder sees on a part: bands from one end, or a print. */
export type Clue = { bands: readonly string[]; print: string };

type Found = ManualDocument['identification'][number] & { step: number | null };

/** Parts of the kit whose bands begin so from either end, or whose print holds the letters. */
export function candidates(manual: ManualDocument, clue: Clue): Found[] {
  const print = clue.print.replace(/\s/g, '').toLowerCase();
  if (clue.bands.length === 0 && print === '') return [];
  return manual.identification
    .filter((row) => {
      const marking = row.marking;
      if (clue.bands.length > 0)
        return (
          marking?.type === 'bands' &&
          (begins(marking.bands, clue.bands) || begins([...marking.bands].reverse(), clue.bands))
        );
      return `${marking?.type === 'code' ? marking.text : ''} ${row.value}`
        .replace(/\s/g, '')
        .toLowerCase()
        .includes(print);
    })
    .map((row) => ({
      ...row,
      step:
        manual.steps.find((step) => step.parts.some((part) => row.designators.includes(part.designator)))?.number ??
        null,
    }));
}

function begins(bands: readonly string[], clue: readonly string[]): boolean {
  return clue.every((band, index) => bands[index] === band);
}
