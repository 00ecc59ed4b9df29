import type { Run } from '@/shared/api';

/** A line of resistors, for tests. */
export const line = (designators: string[]) => ({
  bag: 'A',
  bagTitle: 'Resistors',
  esd: false,
  cushioned: false,
  at: 1,
  of: 1,
  item: {
    designators,
    quantity: 2,
    length: null,
    value: '47 kΩ',
    kind: 'resistor',
    kindName: 'resistor',
    outline: '',
    marking: null,
  },
  not: [],
});
/** A run of two kits and two lines, the first of them packed. */
export const RUN: Run = {
  id: 1,
  kit: 'Frost Bell',
  revision: 'A',
  revisionId: 3,
  packs: 2,
  packSize: 1,
  dealing: '',
  kitsAtOnce: 1,
  options: '',
  at: '2026-11-25T09:00:00Z',
  done: 2,
  cellsInAll: 4,
  finished: false,
  sequence: 7,
  packed: 0,
  began: '2026-11-25T09:00:00Z',
  lines: [line(['R3', 'R7']), line(['~33'])],
  turn: { line: 1, pack: 0 },
  cells: ['ii', '..'],
  lots: { 0: ['26-311', '26-340'] },
  usualLots: { 1: '26-101' },
  short: [],
  complete: [],
  holes: [],
};
