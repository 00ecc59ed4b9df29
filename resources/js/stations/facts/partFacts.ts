import type { Spec } from './spec';

const MARKS = [
  ...['band', 'flat', 'short-lead', 'long-lead', 'stripe', 'plus', 'bar', 'notch', 'dot', 'tab'],
  ...['metal-side', 'key', 'red-edge', 'coloured-side', 'colour'],
  ...['ink', 'sleeve', 'sticker'],
];
const HOLDS = [
  ...['table', 'bend', 'splay', 'tack', 'tape', 'putty', 'prop', 'holder', 'jig', 'own-lock', 'none-needed'],
];
const plain = (words: readonly string[]) => words.map((word) => [word, word.replaceAll('-', ' ')] as const);

/** What can be said of one part; a field of its line each, but polarity and reversal, which are two words in one field. */
export const PART: Spec = {
  title: 'Facts of the part',
  what: 'What files and tables do not tell of it, or tell wrongly.',
  row: 'the part',
  shape: 'one',
  cells: [
    { name: 'mark', label: 'mark of its direction', kind: 'choice', choices: plain(MARKS) },
    { name: 'terminal', label: 'which is its', kind: 'text', hint: 'cathode' },
    { name: 'pin', label: 'at pin', kind: 'text', hint: '1' },
    { name: 'at', label: 'or at degrees', kind: 'number', hint: '90' },
    {
      name: 'consequence',
      label: 'turned round it',
      kind: 'choice',
      choices: [
        ['works-after-turning', 'works once it is turned'],
        ['itself-damaged', 'is damaged itself'],
        ['destroys-others', 'destroys others too'],
        ['can-hurt', 'can hurt someone'],
      ],
    },
    { name: 'replace', label: 'replaced together with', kind: 'parts' },
    { name: 'lookAlike', label: 'looks like', kind: 'parts' },
    {
      name: 'sensitivity',
      label: 'sensitive to',
      kind: 'choice',
      choices: [
        ['none', 'nothing'],
        ['static', 'static'],
        ['heat', 'heat'],
        ['fragile', 'touch'],
      ],
    },
    { name: 'hold', label: 'held by', kind: 'choice', choices: plain(HOLDS) },
    { name: 'leadLength', label: 'leads, mm', kind: 'number' },
    { name: 'mass', label: 'grams', kind: 'number' },
    { name: 'body', label: 'body, mm', kind: 'pair', hint: '10.2 4' },
    { name: 'origin', label: 'its middle, mm', kind: 'pair', hint: '0 0' },
    { name: 'pins', label: 'pins, mm', kind: 'text', hint: '1: -2.5 0; 2: 2.5 0' },
    { name: 'note', label: 'note', kind: 'text' },
  ],
};

type Line = Record<string, unknown>;

const isObject = (value: unknown): value is Line =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function pinsShown(pins: unknown): string {
  if (!isObject(pins)) return '';
  return Object.entries(pins)
    .map(([pin, at]) => `${pin}: ${(at as number[]).join(' ')}`)
    .join('; ');
}

/** Pins as they are typed, `1: -2.5 0; 2: 2.5 0`; null where that cannot be read. */
export function pinsTyped(text: string): Record<string, number[]> | null {
  const pins: Record<string, number[]> = {};
  for (const each of text.split(';').filter((one) => one.trim() !== '')) {
    const [name = '', rest = ''] = each.split(':');
    const at = rest.trim().split(/\s+/u).map(Number);
    if (name.trim() === '' || at.length !== 2 || at.some(Number.isNaN)) return null;
    pins[name.trim()] = at;
  }
  return pins;
}

/** A line of the kit with what is two words in one field beside each other. */
export function flat(line: Line): Line {
  const { polarity, reversed, pins, ...rest } = line;
  return {
    ...rest,
    ...(isObject(polarity) ? polarity : {}),
    ...(isObject(reversed) ? reversed : {}),
    ...(pins === undefined ? {} : { pins: pinsShown(pins) }),
  };
}

/** The fields that differ from what was said, null for those that are said no more. */
export function fieldsOf(next: Line, was: Line): [field: string, value: unknown][] {
  const { mark, terminal, pin, at, consequence, replace, pins, ...rest } = next;
  const some = (object: Line) => Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined));
  const polarity = some({ mark, terminal, pin, at });
  const reversed = some({ consequence, replace });
  const line: Line = {
    ...rest,
    ...(Object.keys(polarity).length > 0 ? { polarity } : {}),
    ...(Object.keys(reversed).length > 0 ? { reversed } : {}),
    ...(typeof pins === 'string' ? { pins: pinsTyped(pins) } : {}),
  };
  const names = [...new Set([...Object.keys(line), ...Object.keys(was)])];
  return names
    .filter((name) => JSON.stringify(line[name]) !== JSON.stringify(was[name]))
    .map((name) => [name, line[name] ?? null]);
}
