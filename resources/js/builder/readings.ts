import type { BuilderPage, ManualStep } from '@/shared/api';
import { isWords, keep, recall } from '@/shared/keep';

type Test = ManualStep['tests'][number];
type Verdict = 'in' | 'out' | 'unread';

const FACTORS: Readonly<Record<string, number>> = { '': 1, m: 1e-3, k: 1e3, M: 1e6, µ: 1e-6, u: 1e-6, n: 1e-9 };

/** The unit the range is printed in, `mV`, and what it is of the plain one. */
export function unitOf(test: Pick<Test, 'expect' | 'unit'>): { name: string; factor: number } {
  // Releases made before readings were worked out name no unit.
  const plain = test.unit ?? '';
  const sign = plain === 'ohm' ? '(?:Ω|ohm)' : plain;
  const found = new RegExp(`([mkMµun]?)${sign}\\s*$`).exec(test.expect);
  const prefix = found?.[1] ?? '';
  return { name: `${prefix}${plain === 'ohm' ? 'Ω' : plain}`, factor: FACTORS[prefix] ?? 1 };
}

/** Whether what the meter shows is in range; a prefix and a unit may be typed behind the number. */
export function verdict(test: Pick<Test, 'expect' | 'unit' | 'range'>, typed: string): Verdict {
  const found = /^([+\-−]?\d+(?:[.,]\d+)?)\s*(?:([mkMµun])?(?:V|A|Hz|s|Ω|ohm|F|H|W)?)$/.exec(typed.trim());
  if (!found || !test.range) return 'unread';
  const hasUnit = /[a-zA-ZΩµ]/.test(typed);
  const value =
    Number((found[1] ?? '').replace(',', '.').replace('−', '-')) *
    (hasUnit ? (FACTORS[found[2] ?? ''] ?? 1) : unitOf(test).factor);
  const slack = 1e-9 * Math.max(Math.abs(value), 1e-12);
  return value >= (test.range.low ?? -Infinity) - slack && value <= (test.range.high ?? Infinity) + slack
    ? 'in'
    : 'out';
}

/** Readings kept on this device, test by test. */
export function keptReadings(token: string): Readonly<Record<string, string>> {
  return recall(`readings ${token}`, isWords, {});
}

export function keepReading(token: string, test: string, text: string): void {
  keep(`readings ${token}`, { ...keptReadings(token), [test]: text });
}

/** One line that goes with a report: `5 V rail 4.2 V (expected 4.8 to 5.4 V)`; empty where nothing was read. */
export function toldReadings(page: BuilderPage, kept: Readonly<Record<string, string>>): string {
  return page.manual.steps
    .flatMap((step) => step.tests)
    .filter((test) => (kept[test.name] ?? '').trim() !== '')
    .map((test) => {
      const typed = (kept[test.name] ?? '').trim();
      return `${test.name} ${typed}${/[a-zA-ZΩµ]/.test(typed) || !test.range ? '' : ` ${unitOf(test).name}`} (expected ${test.expect})`;
    })
    .join('; ');
}
