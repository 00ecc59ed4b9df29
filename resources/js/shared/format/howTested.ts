type Test = Readonly<{ instrument: string; settings?: string; power?: string; points: readonly string[] }>;

/** How a test is made, in words: `multimeter, 20 V range, power off, from TP1 to TP2`. */
export function howTested(test: Test): string {
  return [test.instrument, test.settings ?? '', test.power === 'off' ? 'power off' : '', test.points.length === 0 ? '' : `from ${test.points.join(' to ')}`].filter((part) => part !== '').join(', ');
}
