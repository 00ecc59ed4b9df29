import { describe, expect, it } from 'vitest';
import { doubleOf, faultOf, gateless, isEmpty, offerText, rowsOf, valueOf } from './model';
import type { FactSpec } from './spec';
import { SUBJECTS } from './specs';

const SPECS: readonly FactSpec[] = SUBJECTS.flatMap((subject): readonly FactSpec[] => subject.specs);
const spec = (fact: string): FactSpec => SPECS.find((each) => fact === each.title || fact === each.fact) as FactSpec;

describe('facts of a kit as rows of a form', () => {
  it.each([
    ['name', 'Frost Bell', [{ text: 'Frost Bell' }]],
    [
      'supply',
      { volts: [8, 9.6], amps: 0.05, current: 'dc' },
      [{ volts: '8 9.6', amps: '0.05', idle: '', current: 'dc' }],
    ],
    ['groups.sockets', [['XU1', 'U1']], [{ '0': 'XU1', '1': 'U1' }]],
    ['groups.subassembly', [['Q3', 'HS1', 'M1']], [{ '*': 'Q3 HS1 M1' }]],
    [
      'groups.block',
      { supply: ['D1', 'C1'], 'lamp driver': ['Q1'] },
      [
        { '': 'supply', '*': 'D1 C1' },
        { '': 'lamp driver', '*': 'Q1' },
      ],
    ],
    ['feeds', { supply: ['lamp driver', 'bell'] }, [{ '': 'supply', '*': 'lamp driver, bell' }]],
    [
      'boards',
      [
        { name: 'main', thickness: 1.6 },
        { name: 'lamps', joined: { to: 'main', at: [60, 0] } },
      ],
      [
        { name: 'main', 'joined.to': '', 'joined.at': '' },
        { name: 'lamps', 'joined.to': 'main', 'joined.at': '60 0' },
      ],
    ],
    [
      'Lent to a gate',
      [
        { name: 'rail', needs: ['R1'], temporary: [{ link: ['TP3', 'TP4'], why: 'holds reset' }] },
        { name: 'bell', temporary: [{ part: 'LED1', then: 'solder' }] },
        { name: 'last' },
      ],
      [
        { gate: 'rail', link: 'TP3 TP4', part: '', why: 'holds reset', then: '' },
        { gate: 'bell', link: '', part: 'LED1', why: '', then: 'solder' },
      ],
    ],
    ['groups.covers', [{ by: 'LID1', over: ['RV1', 'RV2'] }], [{ by: 'LID1', over: 'RV1 RV2' }]],
    [
      'options',
      {
        box: { default: 'plain', plain: ['BOX1'], drilled: ['BOX2'], prices: { drilled: '4.00' } },
        bell: { default: 'none', none: [] },
      },
      [
        { option: 'box', value: 'plain', parts: 'BOX1', price: '', default: 'yes' },
        { option: 'box', value: 'drilled', parts: 'BOX2', price: '4.00', default: '' },
        { option: 'bell', value: 'none', parts: '', price: '', default: 'yes' },
      ],
    ],
    [
      'drilling',
      [
        {
          by: 'BOX1',
          face: 'lid',
          size: [80, 60],
          holes: [
            { for: 'LED1', at: [20, 15.5], diameter: 5 },
            { for: 'SW1', at: [40, 15] },
          ],
        },
      ],
      [
        { by: 'BOX1', face: 'lid', size: '80 60', for: 'LED1', at: '20 15.5', diameter: '5', stack: '' },
        { by: 'BOX1', face: 'lid', size: '80 60', for: 'SW1', at: '40 15', diameter: '', stack: '' },
      ],
    ],
    [
      'nets',
      { D2: { clamps: 'K1' }, RV1: { across: '0.2 V' } },
      [
        { '': 'D2', across: '', clamps: 'K1', drivenBy: '', bleeder: '' },
        { '': 'RV1', across: '0.2 V', clamps: '', drivenBy: '', bleeder: '' },
      ],
    ],
  ])('%s comes back as it was', (fact, value, rows) => {
    expect(rowsOf(spec(fact), value)).toEqual(rows);
    expect(valueOf(spec(fact), rows, value)).toEqual(value);
  });

  it('keeps what a form does not show', () => {
    const was = [{ name: 'W1', from: 'J1.1', to: 'BT1.+', mm: 60, option: 'box=drilled' }];
    const rows = rowsOf(spec('wires'), was).map((row) => ({ ...row, mm: '80' }));
    expect(valueOf(spec('wires'), rows, was)).toEqual([{ ...was[0], mm: 80 }]);
  });

  it('a row taken out takes what belonged to it along, and no other', () => {
    const was = [
      { name: 'W1', from: 'J1.1', to: 'A', mm: 1, option: 'a=b' },
      { name: 'W2', from: 'J1.2', to: 'B', mm: 2 },
    ];
    const [first, second] = rowsOf(spec('wires'), was);
    const emptied = Object.fromEntries(Object.keys(first ?? {}).map((name) => [name, '']));
    expect(valueOf(spec('wires'), [emptied, second ?? {}], was)).toEqual([was[1]]);
  });

  it('says what a row lacks, and nothing of one that is whole', () => {
    expect(faultOf(spec('groups.covers'), { by: '', over: 'RV1' })).toBe('Say cover of a cover.');
    expect(faultOf(spec('groups.covers'), { by: 'LID1', over: 'RV1' })).toBeNull();
    expect(faultOf(spec('wires'), { name: 'W1', from: 'a', to: 'b', mm: 'long' })).toBe(
      'mm: a number is wanted, not long.',
    );
    expect(faultOf(spec('wires'), { name: 'W1', from: 'a', to: 'b', mm: '6', stripped: '5' })).toContain('two numbers');
    expect(faultOf(spec('supply'), { volts: '8 to 9.6' })).toBeNull();
    expect(faultOf(spec('supply'), { volts: '8 9 10' })).toContain('one number, or two');
    expect(faultOf(spec('nets'), { '': 'R1' })).toBe('Say something of R1, or take the row out.');
  });

  it('says what is lent without a pin or a part, and a part that stands in two blocks', () => {
    expect(faultOf(spec('Lent to a gate'), { gate: 'rail', link: '', part: '' })).toContain('which part is lent');
    expect(faultOf(spec('Lent to a gate'), { gate: 'rail', link: '', part: 'R1' })).toBeNull();
    expect(
      doubleOf([
        { '': 'supply', '*': 'D1 C1' },
        { '': 'lamps', '*': 'R1 C1' },
      ]),
    ).toBe('C1 stands in supply and in lamps: take it out of one.');
    expect(doubleOf([{ '': 'supply', '*': 'D1 C1' }])).toBeNull();
  });

  it('what is lent to a gate that there is not is told, and a gate is no offer for what is lent', () => {
    const lent = spec('Lent to a gate');
    expect(gateless(lent, [{ gate: 'rail', part: 'C1' }, { gate: '' }], ['rail'])).toBeNull();
    expect(gateless(lent, [{ gate: 'bell', part: 'C1' }], ['rail'])).toContain('There is no gate bell');
    expect(gateless(spec('gates'), [{ name: 'bell' }], [])).toBeNull();
    expect(offerText(lent, [{ name: 'supply', needs: ['J1'] }])).toBe('');
    expect(offerText(spec('gates'), [{ name: 'supply', needs: ['J1'] }])).toBe('supply · J1');
  });

  it('a gate whose last lent part is taken out stays', () => {
    const was = [{ name: 'rail', needs: ['R1'], temporary: [{ part: 'C1' }] }];
    expect(valueOf(spec('Lent to a gate'), [{ gate: '', part: '' }], was)).toEqual([{ name: 'rail', needs: ['R1'] }]);
  });

  it('nothing typed is nothing said', () => {
    expect(isEmpty({ a: ' ', b: '' })).toBe(true);
    expect(valueOf(spec('groups.covers'), [{ by: '', over: '' }], null)).toBeNull();
    expect(rowsOf(spec('groups.covers'), null)).toEqual([]);
  });
});
