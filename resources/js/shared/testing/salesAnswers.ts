import type { OrderSheet, Price, SalesOrder } from '@/shared/api';

/** An order of two kits that can ship today. */
export const AN_ORDER = {
  id: 5,
  number: 'SB-1028',
  placedOn: '2026-11-08',
  customer: 'Elin Skarp',
  lines: [
    {
      articleId: 1,
      kitId: 1,
      form: 'kit',
      name: 'Frost Bell',
      quantity: 2,
      unitPrice: 2450,
      currency: 'EUR',
      options: '',
      packSize: 1,
      dealing: '',
    },
  ],
  wanted: 2,
  allocated: 0,
  shipped: 0,
  stage: 'open',
  canAllocate: true,
  tracking: '',
  promise: { today: true, day: '2026-11-29', chance: 1, runs: [], missing: [] },
} satisfies SalesOrder;

/** The same with all that is known of it. */
export const AN_ORDER_SHEET = {
  order: AN_ORDER,
  seen: 0,
  source: 'hand',
  customerId: 4,
  email: '',
  address: '',
  gone: [],
  changes: [],
} satisfies OrderSheet;

const SURE = (kind: Price['steps'][number]['kind'], amount: string, figures: Record<string, string> = {}) => ({
  kind,
  amount,
  low: amount,
  high: amount,
  figures,
});

/** Fifty kits by hand, as the core's own test has them. */
export const A_PRICE = {
  kitId: 1,
  kit: 'Frost Bell',
  revisionId: 3,
  currency: 'EUR',
  version: 2,
  facts: {
    batch: '50',
    setUp: '80.00',
    setUpMinutes: '120',
    kitMinutes: '4',
    feeShare: '0.03',
    feeFixed: '0.30',
    shipping: '3.20',
    reportMinutes: '20',
    reportCost: '1.50',
    margin: '0.4',
    tax: '0.19',
    holding: '0.2',
    pack5: '0.05',
    pack10: '0.1',
    pack20: '0.15',
  },
  said: ['setUp', 'tax'],
  steps: [
    SURE('parts', '6.00', { batch: '300.00', kits: '50' }),
    SURE('spares', '0.20'),
    SURE('bags', '0.90'),
    SURE('set-up', '2.32', { batch: '80.00', minutes: '120', hour: '18.00', kits: '50' }),
    SURE('packing', '1.20', { minutes: '4', hour: '18.00' }),
    SURE('shipping', '3.20'),
    SURE('fees', '0.30', { share: '0.03', fixed: '0.30' }),
    {
      kind: 'support',
      amount: '0.38',
      low: '0.20',
      high: '0.67',
      figures: { reported: '10', shipped: '200', report: '7.50', minutes: '20' },
    },
  ],
  cost: '14.50',
  low: '14.33',
  high: '14.79',
  unpriced: [],
  fromLots: [],
  causes: [{ cause: 'ZD1 reversed', kits: 4, each: '0.15' }],
  price: '25.43',
  margin: 0.4,
  left: '10.17',
  fees: '0.76',
  gross: '30.26',
  packs: [{ kits: 10, discount: '0.1', price: '228.87', margin: 0.47 }],
} satisfies Price;
