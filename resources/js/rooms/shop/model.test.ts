import { describe, expect, it } from 'vitest';
import type { Shop } from '@/shared/api';
import { changeOf, wordsOf } from './model';

const SHOP: Shop = {
  version: 3,
  name: 'Saltmarsh Bench',
  address: '',
  email: '',
  logo: false,
  currency: 'EUR',
  country: '',
  paper: 'A4',
  language: 'en',
  secondLanguage: null,
  wage: '18.00',
  bagCost: '0.0600',
  bagMinutes: '0.50',
  stripMinutes: '0.20',
  publicAddress: null,
  scaleDivision: '0.0100',
  scaleRepeatability: '0.0050',
  scaleUnit: 'g',
  scaleStable: null,
  readsBins: false,
  checkMass: '50.000',
};

describe('a change of the shop', () => {
  it('holds what was typed and nothing else, on top of the version seen last', () => {
    expect(changeOf(SHOP, 4, { ...wordsOf(SHOP), wage: '20', name: 'Saltmarsh ' })).toEqual({
      version: 4,
      wage: 20,
      name: 'Saltmarsh',
    });
  });

  it('holds nothing where nothing was typed', () => {
    expect(changeOf(SHOP, 3, wordsOf(SHOP))).toEqual({ version: 3 });
  });
});
