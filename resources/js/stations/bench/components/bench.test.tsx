// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Bench, BenchTest } from '@/shared/api';
import { aKit } from '@/shared/testing/kit';
import { click, field, find, mount, submit, type, unmountAll } from '@/shared/testing/mount';
import { PilotReadings } from './PilotReadings';
import { Proposals } from './Proposals';
import { Selections } from './Selections';
import { TestRow } from './TestRow';
import { TolerancePicture } from './TolerancePicture';

const test = (given: Partial<BenchTest> = {}): BenchTest => ({
  name: '5 V rail',
  step: 20,
  gate: 'supply',
  power: 'on' as const,
  instrument: 'multimeter',
  accuracy: '',
  points: ['TP1', 'TP2'],
  settings: '',
  expect: 'zener(ZD1)',
  adjusts: null,
  otherwise: 'check ZD1',
  fault: '',
  printed: '4.77 to 5.43 V',
  range: { low: 4.77, high: 5.43 },
  unit: 'V',
  reading: {
    nominal: 5.1,
    worst: { low: 4.845, high: 5.355 },
    usual: { low: 4.86, high: 5.34 },
    reach: null,
    text: '5.1 V',
    why: [],
  },
  pilot: [],
  ...given,
});

describe('the bench', () => {
  afterEach(unmountAll);

  it('logs a reading of a pilot build beside its test', async () => {
    const kit = aKit();
    const box = mount(
      kit.around(
        <PilotReadings test={test({ pilot: [{ row: 4, build: 2, text: '5.02 V', value: 5.02, passes: true }] })} />,
      ),
    );
    expect(box.textContent).toContain('■ all inside');
    await type(field(box, 'input[placeholder]'), ' 4.2 V ');
    await submit(find(box, 'form'));
    expect(kit.saves).toEqual([
      [{ type: 'pilot', target: '', field: '', value: { build: '2', step: 'reading:5 V rail', reading: '4.2 V' } }],
    ]);
  });

  it('says how many readings lie outside and takes one out', async () => {
    const kit = aKit();
    const box = mount(
      kit.around(
        <PilotReadings
          test={test({
            pilot: [
              { row: 1, build: 1, text: '4.2', value: 4.2, passes: false },
              { row: 2, build: 2, text: 'fine', value: null, passes: null },
            ],
          })}
        />,
      ),
    );
    expect(box.textContent).toContain('▲ 1 of 2 outside');
    expect(box.textContent).toContain('▲ no number to compare');
    await click(find(box, 'button', 'take it out'));
    expect(kit.saves).toEqual([[{ type: 'pilot', target: '1', field: '', value: null }]]);
  });

  it('takes a proposed test over whole, without its reason', async () => {
    const kit = aKit();
    const added = vi.fn();
    const proposal = {
      name: 'supply, no short',
      gate: 'supply',
      power: 'off' as const,
      instrument: 'multimeter',
      points: ['TP1', 'TP2'],
      settings: '',
      expect: '> 80 ohm',
      otherwise: 'look for a bridge',
    };
    const box = mount(
      kit.around(<Proposals proposals={[{ ...proposal, why: 'Measured under power only.' }]} onAdded={added} />),
    );
    await click(find(box, 'button', 'Add it'));
    expect(kit.saves).toEqual([[{ type: 'test', target: '', field: '', value: proposal }]]);
    expect(added).toHaveBeenCalledWith('supply, no short');
  });

  it('shows which pieces go into which kit and what is left', () => {
    const selected: NonNullable<Bench['selections']>[number] = {
      parts: ['D5', 'D6'],
      maxDifference: '2 mV',
      quantity: 'forward voltage',
      pieces: 3,
      unit: 'V',
      fault: '',
      left: ['L1 7'],
      kits: [
        {
          difference: '600 µV',
          pieces: [
            { lot: 'L1', piece: '1', value: '611.4 mV' },
            { lot: 'L1', piece: '3', value: '612 mV' },
          ],
        },
      ],
    };
    const box = mount(
      <Selections
        selections={[
          selected,
          { ...selected, parts: ['Q1'], pieces: 0, kits: [] },
          { ...selected, parts: ['Q2'], fault: 'no difference' },
        ]}
      />,
    );
    expect(find(box, 'section', 'D5 and D6').textContent).toContain('give 1 kit, as many as can be');
    expect(find(box, 'tbody tr').textContent).toBe('1L1 1, 611.4 mVL1 3, 612 mV600 µV');
    expect(find(box, 'section', 'Q1').textContent).toContain('Nothing measured yet');
    expect(find(box, 'section', 'Q2').textContent).toContain('▲ no difference');
  });

  it('draws readings of pilot builds on the scale of the range, those outside at its edge', () => {
    const box = mount(
      <TolerancePicture
        test={test({
          pilot: [
            { row: 1, build: 1, text: '5.1', value: 5.1, passes: true },
            { row: 2, build: 1, text: '99', value: 99, passes: false },
          ],
        })}
      />,
    );
    const dots = [...box.querySelectorAll('.pilotdot')];
    expect(dots).toHaveLength(2);
    const nominal = Number(box.querySelector('.nominal')?.getAttribute('x1'));
    expect(Number(dots[0]?.getAttribute('cx'))).toBeCloseTo(nominal, 6);
    expect(Number(dots[1]?.getAttribute('cx'))).toBe(460);
    expect(dots[1]?.classList.contains('out')).toBe(true);
  });

  it('opens a test again whose range was another in the revision before', () => {
    const row = (before: { revision: string; printed: string } | null) =>
      mount(
        <ul>
          <TestRow test={test()} before={before} current={false} onPick={vi.fn()} />
        </ul>,
      ).textContent;
    expect(row({ revision: 'A', printed: '4.5 to 5.5 V' })).toContain(
      '▲ 4.5 to 5.5 V in revision A: look whether it still fits',
    );
    expect(row(null)).not.toContain('revision');
  });
});
