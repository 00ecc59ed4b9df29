import type { LibraryPart } from '@/shared/api';
import { object, string, upTo } from '@/shared/ui/form';

const FIELDS = ['kind', 'package', 'height', 'leadLength', 'mass', 'hold', 'sensitivity', 'mark', 'terminal'] as const;
export type Field = (typeof FIELDS)[number];
export type Words = Record<Field | 'number' | 'note', string>;

const FACT = upTo(60);

/** What may be said of a part; what a height or a mass is the server reads, and says where it cannot. */
export const PART = object({
  ...(Object.fromEntries(FIELDS.map((field) => [field, FACT])) as Record<Field, typeof FACT>),
  number: FACT,
  note: upTo(2000),
  origin: string(),
});

/** A fact as text, empty where nothing is known. */
export function factText(part: LibraryPart, field: Field): string {
  const facts = part.facts as Record<string, unknown>;
  if (field === 'mark' || field === 'terminal') {
    const polarity = facts['polarity'] as Record<string, unknown> | undefined;
    const value = polarity?.[field];
    return typeof value === 'string' ? value : '';
  }
  const value = facts[field];
  return typeof value === 'number' || typeof value === 'string' ? String(value) : '';
}

export function originText(part: LibraryPart, field: string): string {
  return (part.origins as Record<string, string>)[field] ?? '';
}

export function wordsOf(part: LibraryPart): Words {
  return {
    ...(Object.fromEntries(FIELDS.map((field) => [field, factText(part, field)])) as Record<Field, string>),
    number: part.number ?? '',
    note: part.note,
  };
}

/** Where each fact comes from once saved: what was not changed keeps its origin. */
export function originsAfter(part: LibraryPart, words: Words, origin: string): Record<string, string> {
  const origins: Record<string, string> = {};
  for (const field of FIELDS) {
    const key = field === 'mark' || field === 'terminal' ? 'polarity' : field;
    if (words[field] !== '')
      origins[key] = words[field] === factText(part, field) ? originText(part, key) || origin : origin;
  }
  return origins;
}

/** Where a part is used; of many kits the first, and how many more. */
export function usedText(part: LibraryPart): string {
  const named = part.usedIn
    .map((use) => `${use.kit}: ${use.designators.filter((name) => !name.startsWith('~')).join(' ') || 'once'}`)
    .join('; ');
  return part.uses > part.usedIn.length ? `${named} and ${String(part.uses - part.usedIn.length)} more kits` : named;
}
