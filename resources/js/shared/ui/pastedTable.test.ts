import { describe, expect, it } from 'vitest';
import { pastedColumn, pastedTable } from './pastedTable';

describe('what is pasted from a spreadsheet', () => {
  it('is a table from two rows and two columns on', () => {
    expect(pastedTable('Ref\tValue\nR1\t10k\n')?.name).toBe('pasted.tsv');
    expect(pastedTable('Ref\tValue')).toBeNull();
    expect(pastedTable('some words\nand more')).toBeNull();
  });

  it('is a column where no row has a second cell', () => {
    expect(pastedColumn('10k\r\n4k7\r\n')).toEqual(['10k', '4k7']);
    expect(pastedColumn('10k')).toEqual(['10k']);
    expect(pastedColumn('R1\t10k')).toBeNull();
    expect(pastedColumn(' \n')).toBeNull();
  });
});
