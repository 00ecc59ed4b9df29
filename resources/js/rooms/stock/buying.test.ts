import { describe, expect, it } from 'vitest';
import { asked, lineWhy, sheetRows, sheets, sureWords, TRIED_NOTHING } from './buying';
import { PLAN } from '@/shared/testing/buyingAnswers';

const whyOf = (title: string) =>
  PLAN.lines.filter((line) => line.title === title).flatMap((line) => lineWhy(line, 'EUR'));
const BATCH = { kitId: 3, kit: 'Frost Bell', kits: '20' };

describe('what is asked', () => {
  it('leaves out what is no number of kits yet', () => {
    expect(asked([BATCH, { ...BATCH, kitId: 5, kits: '' }, { ...BATCH, kitId: 6, kits: '0' }], TRIED_NOTHING)).toEqual({
      kits: '3:20',
    });
  });

  it('says what is put otherwise, and no rate that is none', () => {
    expect(asked([BATCH], { spares: true, without: 7, rates: { GBP: '1,2', USD: 'x', SEK: '0.0' } })).toEqual({
      kits: '3:20',
      spares: '1',
      without: '7',
      rates: 'GBP=1.2',
    });
  });
});

describe('the sheets of a plan', () => {
  it('hold what goes to each supplier, as a table too', () => {
    const [sheet] = sheets(PLAN);
    expect(sheet?.lines.map(({ line }) => line.title)).toEqual(['10k']);
    expect(sheet && sheetRows(sheet)).toEqual([
      ['pieces', 'part', 'places', 'price of one', 'sum in EUR'],
      ['50', '10k', 'R1', '0.01', '0.50'],
      ['', 'goods', '', '', '0.50'],
      ['', 'shipping', '', '', '4.50'],
    ]);
  });

  it('say why a line is as it is', () => {
    expect(whyOf('10k')).toEqual([
      ['for 40 Frost Bell', '40'],
      ['for run 6', '10'],
      ['on hand, not on hold', '5'],
      ['so there is needed', '45'],
      ['5 more are ordered', 'least order, multiple or a lower price'],
      ['suppliers who offer it', '2'],
      ['next best: 45 from Marl Parts', '+0.30 EUR'],
    ]);
    expect(whyOf('rubber feet').at(-1)).toEqual(['next best', 'nobody else offers it']);
  });

  it('say how sure it is that nothing is cheaper', () => {
    expect(sureWords(PLAN)).toBe('nothing is cheaper');
    expect(sureWords({ ...PLAN, proved: false, bound: '4.96' })).toContain('at most 0.04 EUR could be saved');
  });
});
