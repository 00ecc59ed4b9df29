import { isText, keep, recall } from '@/shared/keep';

/** Day and night as the system has them, or one of them always; which, is kept on the device. */
export const SCHEMES = ['system', 'day', 'night'] as const;

export type Scheme = (typeof SCHEMES)[number];

const KEPT = 'scheme';

function isScheme(value: unknown): value is Scheme {
  return isText(value) && SCHEMES.some((scheme) => scheme === value);
}

export function keptScheme(): Scheme {
  return recall<Scheme>(KEPT, isScheme, 'system');
}

/** Sets the scheme of the page; the tokens follow `data-scheme`. */
export function showScheme(scheme: Scheme): void {
  if (scheme === 'system') delete document.documentElement.dataset['scheme'];
  else document.documentElement.dataset['scheme'] = scheme;
}

export function chooseScheme(scheme: Scheme): void {
  keep(KEPT, scheme === 'system' ? null : scheme);
  showScheme(scheme);
}
