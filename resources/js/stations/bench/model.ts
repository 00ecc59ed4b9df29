import type { BenchTest, Ends } from '@/shared/api';
import { maybe, needed, object, string } from '@/shared/ui/form';

/** A test as it stands in the form; points are one text. */
export type Draft = {
  name: string;
  gate: string;
  adjusts: string;
  power: string;
  instrument: string;
  accuracy: string;
  points: string;
  settings: string;
  expect: string;
  otherwise: string;
  /** of a trace on an oscilloscope; empty where there is none */ shape: string;
  low: string;
  high: string;
  duty: string;
};

const numeric = (fault: string) => maybe(/-?\d+(?:\.\d+)?/u, fault);

/** What a formula means the server says while it is typed. */
export const TEST = object({
  name: needed('A test has a name.'),
  gate: string(),
  adjusts: string(),
  power: string(),
  instrument: string(),
  accuracy: string(),
  points: string(),
  settings: string(),
  expect: string(),
  otherwise: string(),
  shape: string(),
  low: numeric('The lowest voltage is a number.'),
  high: numeric('The highest voltage is a number.'),
  duty: numeric('The share that it is high is a number of percent.'),
});

export const EMPTY: Draft = {
  name: '',
  gate: '',
  adjusts: '',
  power: 'on',
  instrument: 'multimeter',
  accuracy: '',
  points: '',
  settings: '',
  expect: '',
  otherwise: '',
  shape: '',
  low: '',
  high: '',
  duty: '',
};

export function draftOf(test: BenchTest): Draft {
  return {
    name: test.name,
    gate: test.gate ?? '',
    adjusts: test.adjusts ?? '',
    power: test.power,
    instrument: test.instrument,
    accuracy: test.accuracy,
    points: test.points.join(', '),
    settings: test.settings,
    expect: test.expect,
    otherwise: test.otherwise,
    shape: test.shape?.shape ?? '',
    low: String(test.shape?.low ?? ''),
    high: String(test.shape?.high ?? ''),
    duty: String(test.shape?.duty ?? ''),
  };
}

/** Numbers that were typed. */
const some = (fields: Readonly<Record<string, string>>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(fields).flatMap(([name, text]) => (text.trim() === '' ? [] : [[name, Number(text)] as const])),
  );

/** The test as the kit file holds it. */
export function fileOf({ shape, low, high, duty, ...draft }: Draft): Readonly<Record<string, unknown>> {
  const points = draft.points
    .split(/[,;]/)
    .map((point) => point.trim())
    .filter((point) => point !== '');
  return {
    ...draft,
    name: draft.name.trim(),
    expect: draft.expect.trim(),
    otherwise: draft.otherwise.trim(),
    points,
    gate: draft.gate === '' ? null : draft.gate,
    adjusts: draft.adjusts === '' ? null : draft.adjusts,
    trace: shape === '' ? null : { shape, ...some({ low, high, duty }) },
  };
}

const PREFIX: readonly (readonly [number, string])[] = [
  [1e6, 'M'],
  [1e3, 'k'],
  [1, ''],
  [1e-3, 'm'],
  [1e-6, 'µ'],
  [1e-9, 'n'],
];

/** A value with a prefix that suits the whole scale: `4.85 V`, `9.1 mA`. */
export function shown(value: number, unit: string, span: number): string {
  const [factor, prefix] = (unit === '' ? undefined : PREFIX.find(([each]) => span >= each)) ?? [1, ''];
  const number = value / factor;
  const decimals = Math.max(0, Math.min(4, 3 - Math.floor(Math.log10(Math.max(span / factor, 1e-4)))));
  return `${String(Number(number.toFixed(decimals))).replace('-', '\u2212')} ${prefix}${unit === 'ohm' ? 'Ω' : unit}`.trim();
}

/** The piece of the axis that shows every closed end with some room about it; null where nothing is closed. */
export function axis(values: readonly (Ends | null)[]): { from: number; to: number } | null {
  const ends = values.flatMap((each) => (each === null ? [] : [each.low, each.high])).filter((end) => end !== null);
  if (ends.length === 0) return null;
  const [from, to] = [Math.min(...ends), Math.max(...ends)];
  const room = (to - from) * 0.12 || Math.abs(to) * 0.1 || 1;
  return { from: from - room, to: to + room };
}
