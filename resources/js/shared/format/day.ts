const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });

/** `Thu 3 Dec` of 2026-12-03. */
export function dayWords(day: string): string {
  return DAY.format(new Date(`${day}T00:00:00Z`)).replace(',', '');
}
