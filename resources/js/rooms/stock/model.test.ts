import { describe, expect, it } from 'vitest';
import type { Lot, LotLook } from '@/shared/api';
import { amount, isWrong, origin, RECEIPT, receiptWords, shares, standing, verdict } from './model';

const lot = (name: string, onHand: number, more: Partial<Lot> = {}): Lot => ({
  id: 1,
  name,
  supplier: '',
  receivedOn: '2026-11-03',
  isReceived: true,
  unitCost: '0.0125',
  onHand,
  held: false,
  look: false,
  note: '',
  inBin: false,
  ...more,
});
const look = (verdict: LotLook['verdict'], parts: string[] = [], readings: string[] = []): LotLook => ({
  asks: 'bands',
  part: 'R1',
  verdict,
  parts,
  readings,
});

describe('parts in stock', () => {
  it('counts pieces and measures wire', () => {
    expect(amount(1250, 'piece')).toBe('1,250');
    expect(amount(-2, 'piece')).toBe('-2');
    expect(amount(12_340, 'mm')).toBe('12.34 m');
  });
  it('draws lots that have something, in shares of all', () => {
    expect(
      shares([lot('a', 30), lot('b', 10), lot('c', 0), lot('d', -4)]).map(({ lot: each, share }) => [each.name, share]),
    ).toEqual([
      ['a', 0.75],
      ['b', 0.25],
    ]);
    expect(shares([lot('c', 0)])).toEqual([]);
  });
  it('says where a lot is from, and that a packer named it', () => {
    expect(origin(lot('a', 1, { supplier: 'Reed & Pin' }))).toBe('2026-11-03, Reed & Pin');
    expect(origin(lot('a', 1, { isReceived: false }))).toContain('not received');
  });
  it('says what the first piece is instead', () => {
    expect(verdict(look('another', ['R2']))).toBe('It is another part: R2');
    expect(verdict(look('stranger', [], ['1 kΩ']))).toBe('It is nothing that the list has. It reads 1 kΩ.');
    expect(verdict(look(null))).toBe('');
    expect([look('accepted'), look('more'), look('measure'), look('wider'), look('stranger')].map(isWrong)).toEqual([
      false,
      false,
      false,
      true,
      true,
    ]);
  });
  it('names what to do about a part first', () => {
    expect(standing({ lots: 2, held: true, toCount: true })).toBe('below nought: count it, a lot on hold, 2 lots');
    expect(standing({ lots: 0, held: false, toCount: false })).toBe('');
  });
  it('asks for a count above nought and for a day', () => {
    const words = { ...receiptWords(new Date('2026-11-28T10:00:00Z')), lot: '24-07' };
    expect(words.receivedOn).toBe('2026-11-28');
    for (const [quantity, ok] of [
      ['200', true],
      ['0', false],
      ['0,0', false],
      ['-3', false],
      ['12,5', true],
    ] as const)
      expect(RECEIPT.safeParse({ ...words, quantity }).success).toBe(ok);
  });
});
