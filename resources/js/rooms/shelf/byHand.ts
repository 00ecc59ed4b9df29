/** Rows of a parts list as they are typed: designators, quantity, value, package, description. */
export const COLUMNS = [
  { id: 'Designator', name: 'designators', hint: 'R1-R3' },
  { id: 'Quantity', name: 'quantity', hint: '' },
  { id: 'Value', name: 'value', hint: '10k' },
  { id: 'Package', name: 'package', hint: 'Axial 1/4W' },
  { id: 'Description', name: 'description', hint: 'resistor' },
] as const;

export type TypedRow = readonly string[];

const quoted = (cell: string): string => (/[",\n\r]/u.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);

/** The rows as the file that the import takes; its name is that of the kit. */
export function asList(name: string, rows: readonly TypedRow[]): File {
  const said = rows.filter((row) => row.some((cell) => cell.trim() !== ''));
  const text = [COLUMNS.map((column) => column.id), ...said].map((row) => row.map(quoted).join(',')).join('\n');
  return new File([`${text}\n`], `${name.trim().replaceAll(/[/\\.]+/gu, ' ')}.csv`, { type: 'text/csv' });
}

/** Cells pasted into a cell: those to its right and the rows below it; null for a single cell. */
export function pasted(rows: readonly TypedRow[], row: number, column: number, text: string): TypedRow[] | null {
  const cells = text
    .replaceAll(/\r\n?/gu, '\n')
    .replace(/\n$/u, '')
    .split('\n')
    .map((line) => line.split('\t'));
  if (cells.length === 1 && cells[0]?.length === 1) return null;
  const count = Math.max(rows.length, row + cells.length);
  return Array.from({ length: count }, (_, y) =>
    COLUMNS.map((__, x) => cells[y - row]?.[x - column] ?? rows[y]?.[x] ?? ''),
  );
}
