type Test = Readonly<{ instrument: string; settings?: string; power?: string; points: readonly string[] }>;
type Said = Readonly<{ powerOff: string; fromTo: (from: string, to: string) => string }>;

const ENGLISH: Said = { powerOff: 'power off', fromTo: (from, to) => `from ${from} to ${to}` };

/** How a test is made, in words: `multimeter, 20 V range, power off, from TP1 to TP2`. */
export function howTested(test: Test, said: Said = ENGLISH): string {
  const [from, to] = test.points;
  const points =
    from !== undefined && to !== undefined && test.points.length === 2 ? said.fromTo(from, to) : test.points.join(', ');
  return [test.instrument, test.settings ?? '', test.power === 'off' ? said.powerOff : '', points]
    .filter((part) => part !== '')
    .join(', ');
}
