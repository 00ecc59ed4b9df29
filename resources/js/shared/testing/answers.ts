import { A_PRICE, AN_ORDER, AN_ORDER_SHEET } from './salesAnswers';
import { A_REACH } from './buyingAnswers';
import type { Header } from '@/shared/api';
import type { Answers } from './server';
import documents from './documents.json';
import { NO_STOCK, NONE, STOCK, USUAL } from './stockAnswers';
import { REPORTS } from './reportAnswers';

/** What the core says of a small kit, and of one that has no line yet; bin/lib/sample-documents.php. */
const KITS = documents;

const ME = {
  name: 'Maker of Saltmarsh Bench',
  role: 'maker',
  abilities: ['see-kits', 'edit-kits', 'release-kits', 'pack-kits', 'sell-kits', 'answer-reports', 'manage-shop'],
  shop: { name: 'Saltmarsh Bench', publicAddress: null, paper: 'A4' },
};

export function headerOf(which: keyof typeof KITS): Header {
  const check = KITS[which].check;
  return {
    id: 3,
    kit: 'Loop board',
    revision: 'A',
    sequence: 0,
    files: ['bom.csv'],
    options: [],
    matters: check.matters,
    notBegun: check.notBegun,
    released: null,
    others: [],
    undo: null,
    redo: null,
  } as Header;
}

const STUDY = {
  kits: 0,
  reported: 0,
  rate: null,
  low: null,
  high: null,
  young: { kits: 0, reports: 0 },
  withoutSerial: 0,
  families: [],
  weeks: [],
};
const REASON = { code: 'faults.rate', text: '0 of 0 kits were reported.', origin: 'computed', numbers: {} };

function faultsOf(which: keyof typeof KITS) {
  const counts = which === 'full' ? [{ id: 'bridge', name: 'solder bridge', count: 3 }] : [];
  const none = { open: 0, symptoms: [], faultOrigins: [], faq: [], fever: [], mended: [], lots: [], steps: [] };
  const savings = { report: '10.00', minutes: '20', currency: 'EUR', ordered: 0, weeks: 1, causes: [] };
  return { study: STUDY, reason: REASON, judged: counts.length, causes: counts, savings, ...none };
}

/** A server that holds this kit. */
export function kitAnswers(which: keyof typeof KITS): Answers {
  const { boards, check, ...served } = KITS[which];
  return {
    'GET /me': ME,
    'GET /revisions/3': headerOf(which),
    'GET /revisions/3/boards': boards,
    'GET /revisions/3/documents/check': check,
    ...Object.fromEntries(
      Object.entries(served).map(([name, document]) => [`GET /revisions/3/documents/${name}`, document]),
    ),
    'GET /revisions/3/faults': faultsOf(which),
    'GET /revisions/3/pilot': { rows: [] },
    'GET /revisions/3/facts': {
      facts: which === 'full' ? { name: 'Loop board', supply: { volts: 9 } } : {},
      offers: which === 'full' ? { code: { value: 'LB', why: 'The first letters of Loop board.' } } : {},
      called: {},
      lines: {},
      parts: which === 'full' ? ['D1', 'R1', 'R2'] : [],
      pins: [],
      boards: ['main'],
      blocks: which === 'full' ? ['supply'] : [],
      gates: [],
    },
  };
}

const ROWS = { page: 1, pages: 1, total: 1 };

/** A shop with one of everything, and one that has just been opened. */
export const SHOP: Readonly<Record<'full' | 'bare', Answers>> = {
  full: {
    'GET /me': ME,
    'GET /shop': {
      version: 1,
      name: 'Saltmarsh Bench',
      address: '',
      email: '',
      logo: false,
      ...USUAL,
      publicAddress: 'https://kits.saltmarsh.example',
    },
    'GET /kits': {
      kits: [
        {
          id: 1,
          name: 'Frost Bell',
          revisionId: 3,
          revision: 'A',
          revisions: 1,
          sequence: 1,
          changed: '2026-11-01T08:00:00+00:00',
          released: true,
          onHand: 12,
          openReports: 2,
          aside: false,
          mayDelete: false,
          fault: null,
          picture: null,
          current: true,
          facts: {
            parts: 47,
            lines: 37,
            steps: 25,
            minutes: 63,
            matters: { block: 0, warn: 1, note: 4 },
            begins: null,
            next: { severity: 'warn', station: 'parts', code: 'x', message: 'J2: what is it?', designators: ['J2'] },
          },
        },
      ],
      aside: 0,
      ...ROWS,
    },
    'GET /library': {
      parts: [
        {
          id: 7,
          fingerprint: 'u|lm393',
          title: 'LM393, DIP-8',
          number: 'SB-U-393',
          facts: {},
          origins: {},
          note: '',
          photo: false,
          version: 1,
          kind: 'ic',
          usedIn: [{ kit: 'Frost Bell', revisionId: 3, designators: ['U1'] }],
          uses: 1,
          kindName: 'IC',
          height: 8,
          heightSource: 'measured',
          mark: 'notch',
          sensitivity: 'static',
          marking: null,
        },
      ],
      inAll: 1,
      own: 1,
      ...ROWS,
    },
    'GET /stock': {
      kits: [
        {
          kitId: 1,
          kit: 'Frost Bell',
          onHand: 12,
          packs: [{ articleId: 2, size: 10, dealing: 'kind', options: '', n: 2 }],
          allocated: 0,
          shipped: 3,
          wanted: 20,
          runsOut: {
            earliest: '2026-11-29',
            middle: '2026-11-29',
            latest: '2026-11-29',
            ordered: 30,
            weeks: 12,
          },
        },
      ],
      ...ROWS,
    },
    ...STOCK,
    'GET /moves': {
      ledger: [
        {
          id: 1,
          serial: 'FB-A-00001-K',
          entry: 'packed',
          order: null,
          by: 'Packer',
          note: '',
          at: '2026-11-02T08:00:00+00:00',
        },
      ],
      ...ROWS,
    },
    'GET /orders/strip': { orders: [AN_ORDER], more: 0, pace: { days: 91, packed: [12, 8, 15] } },
    'GET /orders/5': AN_ORDER_SHEET,
    'GET /reach': { kits: [A_REACH] },
    'GET /kits/1/price': A_PRICE,
    'GET /kits/1/curve': {
      curve: [8, 7, 6.5, null, 6, 5],
      best: { kits: 6, year: '780.00', demand: 130, ordered: 30, weeks: 12 },
    },
    'GET /orders': {
      orders: [AN_ORDER],
      toShip: 1,
      canShip: 1,
      ...ROWS,
    },
    'GET /runs': {
      runs: [
        {
          id: 6,
          kit: 'Frost Bell',
          revision: 'A',
          packs: 20,
          packSize: 1,
          dealing: '',
          options: '',
          at: '2026-11-27T09:00:00+00:00',
          done: 4,
          cellsInAll: 680,
          finished: false,
          packed: 0,
          began: null,
        },
      ],
      releases: [{ id: 1, kit: 'Frost Bell', revision: 'A', options: [] }],
      ...ROWS,
    },
    ...REPORTS,
    'GET /mails': { mails: [], ...NONE },
    'GET /letters': { letters: [], ...NONE },
    'GET /kits/1/places': { symptoms: [], places: ['RV1', 'R5'] },
  },
  bare: {
    'GET /me': ME,
    'GET /shop': {
      version: 1,
      name: '',
      address: '',
      email: '',
      logo: false,
      ...USUAL,
      publicAddress: null,
    },
    'GET /kits': { kits: [], aside: 0, ...NONE },
    'GET /library': { parts: [], inAll: 0, own: 0, ...NONE },
    'GET /reports/stacks': { stacks: [], kits: [], kit: null, ...NONE },
    ...NO_STOCK,
    'GET /reach': { kits: [] },
    'GET /orders/strip': { orders: [], more: 0, pace: { days: 1, packed: [] } },
    'GET /orders': { orders: [], toShip: 0, canShip: 0, ...NONE },
    'GET /runs': { runs: [], releases: [], ...NONE },
    'GET /reports': {
      reports: [],
      open: 0,
      all: 0,
      kits: [],
      symptoms: [],
      causes: [],
      faultOrigins: [],
      ...NONE,
    },
    'GET /mails': { mails: [], ...NONE },
    'GET /letters': { letters: [], ...NONE },
    'GET /kits/1/places': { symptoms: [], places: ['RV1', 'R5'] },
  },
};
