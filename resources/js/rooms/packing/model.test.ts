import { describe, expect, it } from 'vitest';
import { headline, holesOf, lineNow, lotNow, minutesLeft } from './model';
import { line, RUN } from './testing';

const run = { ...RUN, done: 4, cellsInAll: 44 };

describe('a packing run', () => {
  it('knows the line whose turn it is, and none when it is finished', () => {
    expect(lineNow(run)).toBe(run.lines[1]);
    expect(lineNow({ ...run, turn: null })).toBeNull();
  });
  it('takes the lot named last, else that of the run before', () => {
    expect(lotNow(run, 0)).toBe('26-340');
    expect(lotNow(run, 1)).toBe('26-101');
    expect(lotNow({ ...run, lots: {}, usualLots: {} }, 1)).toBe('');
  });
  it('names holes that can be filled first', () => {
    const holes = [0, 1, 2].map((pack) => ({ pack, lines: [0], canBeFilled: pack === 2 }));
    expect(holesOf({ ...run, holes }).map(({ pack }) => pack)).toEqual([2, 0, 1]);
  });
  it('tells the time left at the pace so far, and does not count a pause', () => {
    expect(minutesLeft(run, Date.parse('2026-11-25T09:01:00Z'))).toBe(10);
    expect(minutesLeft(run, Date.parse('2026-11-26T09:00:00Z'))).toBe(20);
    expect(minutesLeft({ ...run, done: 1 }, Date.parse('2026-11-25T09:01:00Z'))).toBeNull();
  });
  it('names hardware by what it is', () => {
    expect(headline(line(['R3', 'R7']))).toBe('R3 R7');
    expect(headline(line(['~33']))).toBe('resistor');
  });
});
