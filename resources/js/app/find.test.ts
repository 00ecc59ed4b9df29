import { describe, expect, it } from 'vitest';
import type { PartLine, ShelfRow } from '@/shared/api';
import { kitHits, partHits } from './find';

const line = (designators: string[], text: string, kindName: string) =>
  ({ designators, text, display: null, kindName, description: '' }) as unknown as PartLine;
const LINES = [
  line(['R1', 'R2'], '10k', 'resistor'),
  line(['RV1', 'RV2'], '5k', 'trimmer'),
  line(['D1'], '1N4148', 'diode'),
];
const found = (text: string) => partHits(LINES, '7', text).map((hit) => hit.mono);

describe('Find', () => {
  it('finds every part whose designator begins so', () => {
    expect(found('rv')).toEqual(['RV1', 'RV2']);
    expect(found('r')).toEqual(['R1', 'R2', 'RV1', 'RV2']);
  });

  it('finds a value and a kind, after the designators', () => {
    expect(found('trim')).toEqual(['RV1', 'RV2']);
    expect(found('4148')).toEqual(['D1']);
  });

  it('finds nothing where nothing is asked', () => {
    expect(found('')).toEqual([]);
    expect(kitHits([{ id: 1, name: 'Frost Bell', revisionId: 3 } as ShelfRow], '')).toEqual([]);
  });

  it('leads to the part, and to the kit', () => {
    expect(partHits(LINES, '7', 'rv1')[0]?.go).toBe('/kits/7/parts?part=RV1');
    expect(kitHits([{ id: 1, name: 'Frost Bell', revisionId: 3 } as ShelfRow], 'bell')[0]?.go).toBe('/kits/3/parts');
  });
});
