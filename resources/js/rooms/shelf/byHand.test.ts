import { describe, expect, it } from 'vitest';
import { asList, pasted } from './byHand';

describe('a parts list typed by hand', () => {
  it('is a file with the name of the kit, blank rows left out', async () => {
    const file = asList('Halt Signal v1.2', [
      ['R1,R2', '', '10k', 'Axial "1/4W"', ''],
      ['', ' ', '', '', ''],
    ]);
    expect(file.name).toBe('Halt Signal v1 2.csv');
    expect(await file.text()).toBe('Designator,Quantity,Value,Package,Description\n"R1,R2",,10k,"Axial ""1/4W""",\n');
  });

  it('takes pasted cells from where they are pasted', () => {
    expect(pasted([['', '', '', '', '']], 0, 2, '10k\taxial\r\n47k\taxial\r\n')).toEqual([
      ['', '', '10k', 'axial', ''],
      ['', '', '47k', 'axial', ''],
    ]);
    expect(pasted([], 0, 0, 'R1')).toBeNull();
  });
});
