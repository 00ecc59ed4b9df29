import { words } from '@/shared/format';
import type { Cell, Spec } from './specs';

/** One row of a form: what stands in each cell as it is typed, several parts apart by blanks. */
export type Row = Readonly<Record<string, string>>;

function shown(value: unknown): string {
  if (Array.isArray(value)) return value.map(shown).join(' ');
  if (typeof value === 'string' || typeof value === 'number') return String(value);
  return value === true ? 'yes' : '';
}

function rowOf(spec: Spec, value: unknown): Row {
  const all = value as Record<string, unknown>;
  return Object.fromEntries(spec.cells.map((cell) => [cell.name, shown(cell.name === '*' ? value : all[cell.name])]));
}

function choicesOf(value: Record<string, Record<string, unknown>>): Row[] {
  return Object.entries(value).flatMap(([option, { default: usual, ...choices }]) =>
    Object.entries(choices).map(([name, parts]) => ({
      option,
      value: name,
      parts: shown(parts),
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
  if (spec.shape === 'one') return [rowOf(spec, value)];
  if (spec.shape === 'named')
    return Object.entries(value as Record<string, Record<string, unknown>>).map(([name, facts]) => ({
      ...rowOf(spec, facts),
      '': name,
    }));
  return (value as unknown[]).map((each) => rowOf(spec, each));
}

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
  const named = spec.shape === 'named' && spec.cells.slice(1).every((cell) => (row[cell.name] ?? '').trim() === '');
  return named ? `Say something of ${row[''] ?? 'it'}, or take the row out.` : null;
}

function kept(cell: Cell, text: string): unknown {
  const numbers = words(text.replaceAll(/\bto\b/gu, ' ')).map(Number);
  if (cell.kind === 'number') return numbers[0];
  if (cell.kind === 'pair') return numbers;
  if (cell.kind === 'numbers') return numbers.length === 1 ? numbers[0] : numbers;
  if (cell.kind === 'parts') return words(text);
  return cell.kind === 'yes' ? true : text;
}

function factsOf(spec: Spec, row: Row, was: unknown): Record<string, unknown> {
  // What the form does not show, the option a wire belongs to, stays.
  const facts: Record<string, unknown> = { ...(was as Record<string, unknown> | undefined) };
  for (const cell of spec.cells) {
    const text = (row[cell.name] ?? '').trim();
    if (cell.name === '') continue;
    if (text === '') Reflect.deleteProperty(facts, cell.name);
    else facts[cell.name] = kept(cell, text);
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

/** The fact that the rows say, null for none; `was` is what it said before, row by row. */
export function valueOf(spec: Spec, rows: readonly Row[], was: unknown): unknown {
  const all = rows.filter((row) => !isEmpty(row));
  const first = all[0];
  if (first === undefined) return null;
  if (spec.shape === 'text') return (first['text'] ?? '').trim();
  if (spec.shape === 'one') return factsOf(spec, first, was ?? undefined);
  if (spec.shape === 'lists') return all.map((row) => spec.cells.flatMap((cell) => words(row[cell.name] ?? '')));
  if (spec.shape === 'named') {
    const before = (was ?? {}) as Record<string, unknown>;
    return Object.fromEntries(all.map((row) => [(row[''] ?? '').trim(), factsOf(spec, row, before[row[''] ?? ''])]));
  }
  if (spec.shape === 'options') return optionsOf(all);
  if (spec.shape === 'holes') return facesOf(spec, all, was);
  const before = Array.isArray(was) ? (was as unknown[]) : [];
  return rows.flatMap((row, index) => (isEmpty(row) ? [] : [factsOf(spec, row, before[index])]));
}
