import { BUYING } from './buyingAnswers';

/** Parts in stock as the server tells them. */
export const STOCK = {
  ...BUYING,
  'GET /articles': {
    articles: [
      {
        id: 9,
        form: 'board',
        name: 'Frost Bell, board alone',
        kit: 'Frost Bell',
        options: '',
        packSize: 1,
        dealing: '',
        unitPrice: 650,
        currency: 'EUR',
        version: 0,
        onHand: 3,
        allocated: 1,
        shipped: 2,
        wanted: 0,
        parts: [{ title: 'Bare board', quantity: 1, unit: 'piece', onHand: 12 }],
      },
    ],
    page: 1,
    pages: 1,
    total: 1,
  },
  'GET /stock/parts': {
    parts: [
      {
        fingerprint: 'r|10k|axial 1/4w|',
        title: '10k, Axial 1/4W',
        number: 'P-010',
        unit: 'piece',
        onHand: 196,
        lots: 2,
        held: true,
        toCount: false,
      },
    ],
    toCount: 1,
    page: 1,
    pages: 1,
    total: 1,
  },
  'GET /stock/part': {
    fingerprint: 'r|10k|axial 1/4w|',
    title: '10k, Axial 1/4W',
    number: 'P-010',
    unit: 'piece',
    onHand: 196,
    lots: 2,
    held: true,
    toCount: false,
    allLots: [
      {
        id: 1,
        name: '26-311',
        supplier: 'Reed and Pin',
        receivedOn: '2026-11-03',
        isReceived: true,
        unitCost: '0.0125',
        onHand: 96,
        held: false,
        look: false,
        note: '',
        inBin: true,
      },
      {
        id: 2,
        name: '26-340',
        supplier: '',
        receivedOn: '2026-11-20',
        isReceived: true,
        unitCost: '0.014',
        onHand: 100,
        held: true,
        look: false,
        note: 'reads 100k',
        inBin: false,
      },
    ],
    moves: [
      {
        id: 9,
        lot: '26-311',
        entry: 'packed',
        quantity: -4,
        run: 3,
        by: 'Packer',
        note: '',
        at: '2026-11-21T08:00:00+00:00',
      },
    ],
  },
  'POST /stock/look': { asks: 'bands', part: 'R2', verdict: null, parts: [], readings: [] },
};

/** The pages of a list that holds nothing. */
export const NONE = { page: 1, pages: 1, total: 0 };

/** A shop with empty shelves. */
export const NO_STOCK = {
  'GET /stock': { kits: [], ...NONE },
  'GET /stock/parts': { parts: [], toCount: 0, ...NONE },
  'GET /moves': { ledger: [], ...NONE },
  'GET /articles': { articles: [], ...NONE },
} as const;

/** What is usual in a shop, and its bench scale. */
export const USUAL = {
  currency: 'EUR',
  paper: 'A4',
  language: 'en',
  secondLanguage: null,
  wage: '18.00',
  bagCost: '0.0600',
  bagMinutes: '0.50',
  stripMinutes: '0.20',
  scaleDivision: '0.0100',
  scaleRepeatability: '0.0050',
  scaleUnit: 'g',
  scaleStable: null,
  checkMass: '50.000',
};
