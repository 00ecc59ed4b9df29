import type { Scale } from '@/shared/api';

/** Weighings as they are typed: a row each. */
export function weighingText(weighings: Scale['weighings']): string {
  return weighings.map(({ part, pieces, grams }) => `${part}, ${String(pieces)}, ${String(grams)}`).join('\n');
}

/** Part, pieces and grams of each row, as typed; what is wrong is said of the first row that is. Tabs, semicolons, commas part them. */
export function weighingRows(text: string): { rows: [string, string, string][]; wrong: string | null } {
  const rows: [string, string, string][] = [];
  let wrong: string | null = null;
  text.split(/\r?\n/).forEach((line, index) => {
    const plain = line.trim();
    if (plain === '' || /^part\b.*\bpieces\b/i.test(plain)) return;
    const cells = cellsOf(plain);
    if (cells) rows.push(cells);
    else wrong ??= `Row ${String(index + 1)}, "${plain.slice(0, 40)}": write part, pieces, grams, like R1, 10, 2.12.`;
  });
  return { rows, wrong };
}

function cellsOf(line: string): [string, string, string] | null {
  // A comma may stand in the grams: what is counted and weighed is read from the end.
  const found = /^(.*?\S)\s*[\t;,\s]\s*(\d+)\s*[\t;,\s]\s*(\d+(?:[.,]\d+)?)\s*g?$/.exec(line);
  const [part, pieces, grams] = [found?.[1], found?.[2], found?.[3]];
  if (part === undefined || pieces === undefined || grams === undefined) return null;
  if (Number(pieces) === 0 || Number(grams.replace(',', '.')) === 0) return null;
  return [part.replace(/[\s,;]+$/, ''), pieces, grams.replace(',', '.')];
}

const MOST = 50;

/** For how many kits the pieces of a line are taken in one weighing. */
export function handful(kits: number): string {
  if (kits === 0) return 'count by hand';
  return `${kits >= MOST ? `${String(MOST)} or more` : String(kits)} ${kits === 1 ? 'kit' : 'kits'}`;
}
