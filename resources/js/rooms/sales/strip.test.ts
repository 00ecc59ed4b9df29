import { describe, expect, it } from 'vitest';
import type { SalesOrder } from '@/shared/api';
import { days, kitName, lacking, moves, shortage, squares } from './strip';

const LINE: SalesOrder['lines'][number] = {
  articleId: 4,
  kitId: 1,
  form: 'kit',
  name: 'Frost Bell',
  quantity: 3,
  unitPrice: 2450,
  currency: 'EUR',
  options: '',
  packSize: 1,
  dealing: '',
};

function anOrder(number: string, more: Partial<SalesOrder> = {}): SalesOrder {
  return {
    id: Number(number),
    number,
    placedOn: '2026-11-20',
    customer: 'Elin Skarp',
    lines: [LINE],
    wanted: 3,
    allocated: 0,
    shipped: 0,
    stage: 'open',
    canAllocate: true,
    tracking: '',
    promise: { today: true, day: '2026-11-29', chance: 1, runs: [], missing: [] },
    ...more,
  };
}

describe('the strip', () => {
  it('has a place for each day, from what lies ready to what nothing brings', () => {
    const strip = days([
      anOrder('1', {
        promise: { today: false, day: null, chance: null, runs: [], missing: [{ articleId: 4, quantity: 2 }] },
      }),
      anOrder('2', { promise: { today: false, day: null, chance: null, runs: [12, 6], missing: [] } }),
      anOrder('3'),
      anOrder('4', { stage: 'allocated', promise: null }),
      anOrder('5', { promise: { today: false, day: '2026-12-03', chance: 0.924, runs: [6], missing: [] } }),
      anOrder('6'),
    ]);
    expect(strip.map(({ name, fill, orders }) => [name, fill, orders.map((order) => order.number).join(' ')])).toEqual([
      ['set aside: pack the parcel', 'aside', '4'],
      ['today, from what is on hand', 'ink', '3 6'],
      ['Thu 3 Dec, when run 6 is packed', 'coming', '5'],
      ['when run 12 is packed', 'coming', '2'],
      ['no run brings these yet', 'gap', '1'],
    ]);
    expect(strip[1]?.kits).toBe(6);
    expect(strip.map(({ sure }) => sure)).toEqual(['', '', 'kept 92 times in 100', '', '']);
  });

  it('shows a class pack as the kits in it', () => {
    expect(squares(anOrder('1', { lines: [LINE, { ...LINE, packSize: 10, quantity: 2 }] }))).toBe(23);
  });

  it('says what is short', () => {
    const short = anOrder('1', {
      promise: { today: false, day: null, chance: null, runs: [], missing: [{ articleId: 4, quantity: 2 }] },
    });
    expect(shortage([short, short], (line) => line.name)).toBe('4 Frost Bell');
    expect(shortage([anOrder('2')], (line) => line.name)).toBe('');
    expect([lacking([short, short]), lacking([anOrder('2')]), kitName([short], 1)]).toEqual([[1], [], 'Frost Bell']);
  });

  it('knows where an order stands one place sooner or later among those that are open', () => {
    const row = [anOrder('4', { stage: 'allocated', promise: null }), anOrder('1'), anOrder('2'), anOrder('3')];
    expect(moves(row, 1)).toEqual({ later: 3 });
    expect(moves(row, 2)).toEqual({ sooner: 1, later: null });
    expect(moves(row, 3)).toEqual({ sooner: 2 });
    expect([moves(row, 4), moves(row, 99), moves([anOrder('1')], 1)]).toEqual([{}, {}, {}]);
  });
});
