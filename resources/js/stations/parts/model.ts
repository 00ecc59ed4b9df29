import type { PartLine } from '@/shared/api';

export type Column = 'refs' | 'quantity' | 'value' | 'part' | 'marking' | 'height' | 'direction' | 'alike';

/** What the work column shows: the lines, what became of the file, look-alikes side by side, two revisions compared. */
export const VIEWS = ['list', 'file', 'lineup', 'difference'] as const;
export type View = (typeof VIEWS)[number];

export const COLUMNS: readonly { id: Column; title: string; width: number; numeric?: boolean }[] = [
  { id: 'refs', title: 'Ref', width: 140 },
  { id: 'quantity', title: 'Qty', width: 38, numeric: true },
  { id: 'value', title: 'Value', width: 86 },
  { id: 'part', title: 'Part', width: 152 },
  { id: 'marking', title: 'How it is marked', width: 186 },
  { id: 'height', title: 'mm', width: 42, numeric: true },
  { id: 'direction', title: 'Direction', width: 74 },
  { id: 'alike', title: 'Looks like', width: 74 },
];

const MARKS: Readonly<Record<string, string>> = {
  band: 'band K',
  flat: 'flat',
  'short-lead': 'short lead',
  'long-lead': 'long +',
  stripe: 'stripe –',
  plus: 'plus',
  bar: 'bar +',
  notch: 'notch',
  dot: 'dot',
  tab: 'tab',
  'metal-side': 'metal side',
  key: 'key',
  'red-edge': 'red edge',
  'coloured-side': 'coloured side',
  ink: 'ink',
  sleeve: 'sleeve',
  sticker: 'sticker',
  colour: 'colour',
};

export const SUPPLY: Readonly<Record<PartLine['supply'], string>> = {
  kit: 'in the kit',
  optional: 'optional',
  alternative: 'not in this option',
  'not-fitted': 'not in this kit, on purpose',
  factory: 'factory fitted',
  builder: 'builder brings it',
  loose: 'loose',
};

export function lineKey(line: PartLine): string {
  return `${String(line.row)} ${line.designators[0] ?? ''}`;
}

/** Names of a row that the parts list leaves unnamed are not shown to people. */
export function refs(line: PartLine): string {
  return line.designators.filter((name) => !name.startsWith('~')).join(' ');
}

export function valueText(line: PartLine): string {
  if (line.display === null) return line.text;
  const tolerance =
    line.tolerance === null ? '' : ` ${line.tolerance.endsWith('pF') ? line.tolerance : `${line.tolerance}\u2009%`}`;
  return `${line.display}${tolerance}`;
}

function partText(line: PartLine): string {
  const body =
    line.outline === 'none' || line.outline === 'unknown'
      ? ''
      : line.outline
          .replace(/^(axial|radial|disc|led|socket|header|terminal|trimmer|film-box|block)-/, '')
          .replace('1/4W', '¼ W');
  const supply = line.supply === 'kit' ? '' : `, ${SUPPLY[line.supply]}`;
  return line.question
    ? `? ${line.kindName}`
    : `${line.kindName}${body === '' || supply !== '' ? '' : `, ${body}`}${supply}`;
}

function direction(line: PartLine): string {
  return line.mark === null ? '' : (MARKS[line.mark] ?? line.mark);
}

export function cellText(line: PartLine, column: Column): string {
  switch (column) {
    case 'refs':
      return refs(line);
    case 'quantity':
      return line.length === null ? String(line.quantity) : `${String(line.length)} mm`;
    case 'value':
      return valueText(line);
    case 'part':
      return partText(line);
    case 'marking':
      return line.marking ? [...line.marking.bands, line.marking.text].filter(Boolean).join(' ') : '';
    case 'height':
      return line.height === null ? '' : line.height.toFixed(1);
    case 'direction':
      return direction(line);
    case 'alike':
      return line.alike.join(' ');
  }
}

function sortKey(line: PartLine, column: Column): string | number {
  if (column === 'quantity') return line.quantity;
  if (column === 'height') return line.height ?? -1;
  if (column === 'value' && line.value !== null) return Number(line.value);
  return cellText(line, column);
}

export function sorted(lines: readonly PartLine[], column: Column | null, down: boolean): PartLine[] {
  if (column === null) return [...lines];
  const order = [...lines].sort((a, b) => {
    const [x, y] = [sortKey(a, column), sortKey(b, column)];
    return typeof x === 'number' && typeof y === 'number'
      ? x - y
      : String(x).localeCompare(String(y), 'en', { numeric: true });
  });
  return down ? order.reverse() : order;
}

export function filtered(lines: readonly PartLine[], text: string): PartLine[] {
  const wanted = text.trim().toLowerCase();
  return wanted === ''
    ? [...lines]
    : lines.filter(
        (line) =>
          COLUMNS.some((column) => cellText(line, column.id).toLowerCase().includes(wanted)) ||
          line.text.toLowerCase().includes(wanted),
      );
}

/** The table as it stands, header first. */
export function asRows(lines: readonly PartLine[]): string[][] {
  return [
    COLUMNS.map((column) => column.title),
    ...lines.map((line) => COLUMNS.map((column) => cellText(line, column.id))),
  ];
}
