import type { components } from '@/shared/api/schema';

/** How a part is marked, in words: its bands, its cathode band, its print. */
export function markingWords(
  marking: components['schemas']['Marking'] | null,
  colours: Readonly<Record<string, string>> = {},
): string {
  if (!marking) return '';
  if (marking.type === 'bands') return marking.bands.map((band) => colours[band] ?? band).join(', ');
  if (marking.type === 'band') return marking.text;
  return `marked ${marking.text}`;
}
