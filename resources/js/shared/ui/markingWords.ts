import type { components } from '@/shared/api/schema';

/** How a part is marked, in words: its bands, its cathode band, its print. */
export function markingWords(marking: components['schemas']['Marking'] | null, outline = ''): string {
  if (!marking) return '';
  if (marking.type === 'bands') return marking.bands.join(', ');
  if (marking.type === 'band') return outline === 'DO-35' ? 'dark band on glass' : 'light band';
  return `marked ${marking.text}`;
}
