import { listed, words } from '@/shared/format';
import { isNamed, NAMED, type Cell, type Spec } from './spec';

/** One row of a form: what stands in each cell as it is typed, several parts apart by blanks. */
export type Row = Readonly<Record<string, string>>;

function shown(value: unknown): string {
  if (Array.isArray(value)) return value.map(shown).join(' ');
  if (typeof value === 'string' || typeof value === 'number') return String(value);
  return value === true ? 'yes' : '';
}

/** What stands under a name; `joined.to` looks into what is joined. */
function at(value: unknown, name: string): unknown {
  if (name === '*') return value;
  return name.split('.').reduce<unknown>((all, key) => (all as Record<string, unknown> | undefined)?.[key], value);
}

/** Names that may hold blanks stand apart by commas. */
const textOf = (cell: Cell, value: unknown): string =>
  cell.kind === 'blocks' && Array.isArray(value) ? value.map(shown).join(', ') : shown(value);

function rowOf(spec: Spec, value: unknown): Row {
  return Object.fromEntries(spec.cells.map((cell) => [cell.name, textOf(cell, at(value, cell.name))]));
}

function choicesOf(value: Record<string, Record<string, unknown>>): Row[] {
  return Object.entries(value).flatMap(([option, { default: usual, prices, ...choices }]) =>
    Object.entries(choices).map(([name, parts]) => ({
      option,
      value: name,
      parts: shown(parts),
      price: (prices as Record<string, string> | undefined)?.[name] ?? '',
      default: usual === name ? 'yes' : '',
    })),
  );
}

/** The rows of a fact as the form shows them; none where nothing is said. */
export function rowsOf(spec: Spec, value: unknown): Row[] {
  if (value === null || value === undefined) return [];
  if (spec.shape === 'text') return [{ text: shown(value) }];
  if (spec.shape === 'options') return choicesOf(value as Record<string, Record<string, unknown>>);
  if (spec.shape === 'holes')
    return (value as Record<string, unknown>[]).flatMap(({ holes, ...face }) =>
      (holes as unknown[]).map((hole) => rowOf(spec, { ...face, ...(hole as object) })),
    );
  if (spec.shape === 'lent')
    return (value as Record<string, unknown>[]).flatMap(({ name, temporary }) =>
      ((temporary ?? []) as object[]).map((fit) => rowOf(spec, { ...fit, gate: name })),
    );
  if (spec.shape === 'lists-by-name')
    return Object.entries(value as Record<string, unknown>).map(([name, list]) => ({ ...rowOf(spec, list), '': name }));
  if (spec.shape === 'one') return [rowOf(spec, value)];
  if (spec.shape === 'named')
    return Object.entries(value as Record<string, Record<string, unknown>>).map(([name, facts]) => ({
      ...rowOf(spec, facts),
      '': name,
    }));
  return (value as unknown[]).map((each) => rowOf(spec, each));
}

/** What is offered, in one line: the words of its rows. */
export const offerText = (spec: Spec, value: unknown): string =>
  rowsOf(spec, value)
    .map((row) =>
      spec.cells
        .map((cell) => (cell.kind === 'choice' || cell.kind === 'yes' ? '' : (row[cell.name] ?? '')))
        .filter((text) => text !== '')
        .join(' · '),
    )
    .join('; ');

/** A row in which nothing is typed counts for nothing. */
export const isEmpty = (row: Row): boolean => Object.values(row).every((text) => text.trim() === '');

/** What a row still lacks or says wrongly, in words; null where it can be kept. */
export function faultOf(spec: Spec, row: Row): string | null {
  for (const cell of spec.cells) {
    const text = (row[cell.name] ?? '').trim();
    if (cell.needed && text === '') return `Say ${cell.label} of ${spec.row}.`;
    if (text === '') continue;
    const numbers = words(text.replaceAll(/\bto\b/gu, ' ')).map(Number);
    if (cell.kind === 'number' && (numbers.length !== 1 || numbers.some(Number.isNaN)))
      return `${cell.label}: a number is wanted, not ${text}.`;
    if (cell.kind === 'pair' && (numbers.length !== 2 || numbers.some(Number.isNaN)))
      return `${cell.label}: two numbers are wanted, 5 5.`;
    if (cell.kind === 'numbers' && (numbers.length > 2 || numbers.some(Number.isNaN)))
      return `${cell.label}: one number, or two with to between them.`;
  }
  if (spec.shape === 'lent' && (row['link'] ?? '').trim() === '' && (row['part'] ?? '').trim() === '')
    return 'Say between which pins the link is, or which part is lent.';
  const named = spec.shape === 'named' && spec.cells.slice(1).every((cell) => (row[cell.name] ?? '').trim() === '');
  return named ? `Say something of ${row[''] ?? 'it'}, or take the row out.` : null;
}

/** What two rows say of the same part, where it stands in one only; null where none does. */
export function doubleOf(rows: readonly Row[]): string | null {
  const first = new Map<string, string>();
  for (const row of rows) {
    const name = (row[''] ?? '').trim();
    for (const part of words(row['*'] ?? '')) {
      const other = first.get(part);
      if (other !== undefined) return `${part} stands in ${other} and in ${name}: take it out of one.`;
      first.set(part, name);
    }
  }
  return null;
}

/** What is lent to a gate that there is not would be lost: the gate is named, null where each has its gate. */
export function gateless(spec: Spec, rows: readonly Row[], gates: readonly string[]): string | null {
  const lost = rows.find((row) => spec.shape === 'lent' && !isEmpty(row) && !gates.includes(row['gate'] ?? ''));
  return lost === undefined ? null : `There is no gate ${lost['gate'] ?? ''}: add it under Gates and save it first.`;
}

function kept(cell: Cell, text: string): unknown {
  const numbers = words(text.replaceAll(/\bto\b/gu, ' ')).map(Number);
  if (cell.kind === 'number') return numbers[0];
  if (cell.kind === 'pair') return numbers;
  if (cell.kind === 'numbers') return numbers.length === 1 ? numbers[0] : numbers;
  if (cell.kind === 'blocks') return listed(text);
  if (isNamed(cell.kind) && NAMED[cell.kind].several) return words(text);
  return cell.kind === 'yes' ? true : text;
}

function factsOf(spec: Spec, row: Row, was: unknown): Record<string, unknown> {
  // What the form does not show, the option a wire belongs to, stays.
  const facts: Record<string, unknown> = { ...(was as Record<string, unknown> | undefined) };
  for (const cell of spec.cells) {
    const text = (row[cell.name] ?? '').trim();
    if (cell.name === '') continue;
    const [name = '', inner] = cell.name.split('.');
    const own = inner === undefined ? facts : { ...(facts[name] as Record<string, unknown> | undefined) };
    if (text === '') Reflect.deleteProperty(own, inner ?? name);
    else own[inner ?? name] = kept(cell, text);
    if (inner === undefined) continue;
    if (Object.keys(own).length === 0) Reflect.deleteProperty(facts, name);
    else facts[name] = own;
  }
  return facts;
}

function optionsOf(rows: readonly Row[]): Record<string, Record<string, unknown>> {
  const options: Record<string, Record<string, unknown>> = {};
  for (const row of rows) {
    const name = (row['option'] ?? '').trim();
    const value = (row['value'] ?? '').trim();
    const before = options[name] ?? {};
    // Without a word the first choice is the usual one.
    const usual = row['default'] === 'yes' ? value : (before['default'] ?? value);
    options[name] = { ...before, default: usual, [value]: words(row['parts'] ?? '') };
    const price = (row['price'] ?? '').trim().replace(',', '.').replace(/^\+/, '');
    if (price === '') continue;
    options[name]['prices'] = { ...(before['prices'] as object | undefined), [value]: price };
  }
  return options;
}

const INNER = ['for', 'at', 'diameter', 'stack'];

function facesOf(spec: Spec, rows: readonly Row[], was: unknown): unknown[] {
  const before = (Array.isArray(was) ? was : []) as Record<string, unknown>[];
  const faces = new Map<string, Record<string, unknown> & { holes: unknown[] }>();
  for (const row of rows) {
    const key = `${(row['by'] ?? '').trim()} ${(row['face'] ?? '').trim()}`;
    const known = before.find((each) => `${shown(each['by'])} ${shown(each['face'])}` === key);
    const whole = factsOf(spec, row, undefined);
    const face = Object.fromEntries(Object.entries(whole).filter(([name]) => !INNER.includes(name)));
    const hole = Object.fromEntries(Object.entries(whole).filter(([name]) => INNER.includes(name)));
    const { holes, ...rest } = faces.get(key) ?? { ...known, holes: [] };
    faces.set(key, { ...rest, ...face, holes: [...holes, hole] });
  }
  return [...faces.values()];
}

function lentOf(spec: Spec, rows: readonly Row[], was: unknown): unknown[] {
  return ((Array.isArray(was) ? was : []) as Record<string, unknown>[]).map((before) => {
    const gate = Object.fromEntries(Object.entries(before).filter(([name]) => name !== 'temporary'));
    const lent = rows
      .filter((row) => row['gate'] === gate['name'])
      .map((row) => factsOf(spec, { ...row, gate: '' }, undefined));
    return lent.length === 0 ? gate : { ...gate, temporary: lent };
  });
}

/** The fact that the rows say, null for none; `was` is what it said before, row by row. */
export function valueOf(spec: Spec, rows: readonly Row[], was: unknown): unknown {
  const all = rows.filter((row) => !isEmpty(row));
  // What is lent is a piece of the gates, which stay without it.
  if (spec.shape === 'lent') return lentOf(spec, all, was);
  const first = all[0];
  if (first === undefined) return null;
  if (spec.shape === 'text') return (first['text'] ?? '').trim();
  if (spec.shape === 'one') return factsOf(spec, first, was ?? undefined);
  if (spec.shape === 'lists') return all.map((row) => spec.cells.flatMap((cell) => words(row[cell.name] ?? '')));
  if (spec.shape === 'named') {
    const before = (was ?? {}) as Record<string, unknown>;
    return Object.fromEntries(all.map((row) => [(row[''] ?? '').trim(), factsOf(spec, row, before[row[''] ?? ''])]));
  }
  if (spec.shape === 'lists-by-name')
    return Object.fromEntries(
      all.map((row) => [
        (row[''] ?? '').trim(),
        spec.cells.flatMap((cell) => (cell.name === '*' ? kept(cell, row['*'] ?? '') : [])),
      ]),
    );
  if (spec.shape === 'options') return optionsOf(all);
  if (spec.shape === 'holes') return facesOf(spec, all, was);
  const before = Array.isArray(was) ? (was as unknown[]) : [];
  return rows.flatMap((row, index) => (isEmpty(row) ? [] : [factsOf(spec, row, before[index])]));
}
