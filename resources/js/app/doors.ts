/** The rooms and stations by their last word of the address: each a piece of its own, loaded when it is entered. */
export const rooms = {
  shelf: async () => ({ Component: (await import('@/rooms/shelf')).Shelf }),
  library: async () => ({ Component: (await import('@/rooms/library')).LibraryRoom }),
  stock: async () => ({ Component: (await import('@/rooms/stock')).Stock }),
  packing: async () => ({ Component: (await import('@/rooms/packing')).Packing }),
  'packing/:runId': async () => ({ Component: (await import('@/rooms/packing')).PackRun }),
  sales: async () => ({ Component: (await import('@/rooms/sales')).Sales }),
  shop: async () => ({ Component: (await import('@/rooms/shop')).ShopRoom }),
  reports: async () => ({ Component: (await import('@/rooms/reports')).Reports }),
} as const;

// Faults draws charts, which are large: it is fetched when it is entered, the others ahead.
const near = {
  parts: async () => ({ Component: (await import('@/stations/parts')).Parts }),
  board: async () => ({ Component: (await import('@/stations/board')).Board }),
  marks: async () => ({ Component: (await import('@/stations/marks')).Marks }),
  bags: async () => ({ Component: (await import('@/stations/bags')).Bags }),
  bench: async () => ({ Component: (await import('@/stations/bench')).Bench }),
  manual: async () => ({ Component: (await import('@/stations/manual')).Manual }),
  pilot: async () => ({ Component: (await import('@/stations/pilot')).Pilot }),
  facts: async () => ({ Component: (await import('@/stations/facts')).Facts }),
  order: async () => ({ Component: (await import('@/stations/order')).Order }),
} as const;

export const stations = {
  ...near,
  faults: async () => ({ Component: (await import('@/stations/faults')).Faults }),
} as const;

/** How long the first room stands before what lies next to it is fetched, in ms. */
export const AFTER = 1200;

/** Fetches the pieces of the stations, so that the first press of a number key waits for data only. */
export function fetchStations(): void {
  for (const open of Object.values(near)) void open().catch(() => undefined);
}
