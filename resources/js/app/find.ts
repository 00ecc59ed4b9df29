import type { PartLine, ShelfRow } from '@/shared/api';

export type Hit = { key: string; mono: string; text: string; go: string };

const MOST = 12;

/** Parts of a kit whose designator begins with the text, then those whose value or kind holds it. */
export function partHits(lines: readonly PartLine[], id: string, text: string): Hit[] {
  if (text === '') return [];
  const all = lines.flatMap((line) => line.designators.map((name) => ({ name, line })));
  const named = all.filter(({ name }) => name.toLowerCase().startsWith(text));
  const told = all.filter(
    ({ name, line }) =>
      !name.toLowerCase().startsWith(text) &&
      [line.text, line.display ?? '', line.kindName, line.description].some((word) =>
        word.toLowerCase().includes(text),
      ),
  );
  return [...named, ...told].slice(0, MOST).map(({ name, line }) => ({
    key: `part ${name}`,
    mono: name,
    text: `${line.display ?? line.text} ${line.kindName}`,
    go: `/kits/${id}/parts?part=${encodeURIComponent(name)}`,
  }));
}

export function kitHits(kits: readonly ShelfRow[], text: string): Hit[] {
  return kits
    .filter((kit) => text !== '' && kit.name.toLowerCase().includes(text))
    .slice(0, MOST)
    .map((kit) => ({
      key: `kit ${String(kit.id)}`,
      mono: 'kit',
      text: kit.name,
      go: `/kits/${String(kit.revisionId)}/parts`,
    }));
}
