import type { BuyingPlan, KitReach, Plank, Planks } from '@/shared/api';

/** A plank for tests: one a kit, so many on hand. */
export function aPlank(title: string, kits: number, more: Partial<Plank> = {}): Plank {
  return {
    part: `x|${title}`,
    title,
    designators: [title],
    unit: 'piece',
    perKit: 1,
    onHand: kits,
    promised: 0,
    onOrder: 0,
    kits,
    onHandKits: kits,
    laterKits: kits,
    ...more,
  };
}

export function aRow(...planks: Plank[]): Planks {
  return {
    kitId: 1,
    kit: 'Frost Bell',
    revisionId: 3,
    revision: 'A',
    waterline: planks[0]?.kits ?? 0,
    later: Math.min(...planks.map(({ laterKits }) => laterKits)),
    planks,
  };
}

const LINE = {
  part: 'r|10k',
  title: '10k',
  designators: ['R1'],
  unit: 'piece',
  wanted: 50,
  origins: [
    { what: '40 Frost Bell', pieces: 40 },
    { what: 'run 6', pieces: 10 },
  ],
  onHand: 5,
  onOrder: 0,
  needed: 45,
  offers: 2,
  orders: [{ supplierId: 2, supplier: 'Reedwire', currency: 'EUR', pieces: 50, unitPrice: '0.01', cost: '0.50' }],
  nextBest: { supplier: 'Marl Parts', pieces: 45, more: '0.30' },
  noOffer: false,
} as const;

/** Forty kits: one line from Reedwire, one that nobody offers, one of which there is enough. */
export const PLAN = {
  currency: 'EUR',
  batches: [{ kitId: 1, kit: 'Frost Bell', revisionId: 3, revision: 'A', kits: 40, mix: [{ options: '', kits: 40 }] }],
  spares: false,
  rates: [{ currency: 'EUR', rate: '1' }],
  missing: [],
  total: '5.00',
  bound: '5.00',
  proved: true,
  suppliers: [
    {
      id: 2,
      name: 'Reedwire',
      currency: 'EUR',
      goods: '0.50',
      shipping: '4.50',
      toFree: '19.50',
      total: '5.00',
      leadDays: 5,
    },
  ],
  lines: [
    { ...LINE, designators: ['R1'], origins: [...LINE.origins], orders: [...LINE.orders] },
    {
      ...LINE,
      part: 'feet',
      title: 'rubber feet',
      designators: [],
      origins: [],
      orders: [],
      offers: 0,
      nextBest: null,
      noOffer: true,
    },
    { ...LINE, part: 'u|lm393', title: 'LM393', designators: ['U1'], origins: [], orders: [], needed: 0, onHand: 60 },
  ],
} satisfies BuyingPlan;

/** A kit whose relay has to be ordered in time. */
export const A_REACH = {
  kitId: 1,
  free: 12,
  coming: 0,
  packable: 6,
  later: 6,
  limit: '5 V, relay',
  soldOut: { earliest: '2026-12-10', middle: '2026-12-20', latest: '2027-01-07', ordered: 36, weeks: 12 },
  orderBy: {
    day: '2026-12-04',
    part: 'k|5v',
    title: '5 V, relay',
    supplier: 'Fenland Parts',
    leadDays: 10,
    packingDays: 3,
    kits: 18,
    soldOut: '2026-12-17',
  },
  unknownLead: 0,
} satisfies KitReach;

/** Planks, a plan, suppliers and orders as the server tells them. */
export const BUYING = {
  'GET /kits/1/planks': aRow(aPlank('5V1', 14, { onOrder: 6, laterKits: 20 }), aPlank('10k', 90)),
  'GET /buying': PLAN,
  'GET /suppliers': { currency: 'EUR', suppliers: [], rates: [] },
  'GET /offers': { offers: [], page: 1, pages: 1, total: 0 },
  'GET /purchases': { purchases: [], page: 1, pages: 1, total: 0 },
} as const;
