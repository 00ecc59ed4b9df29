/** The stations that exist, with the number keys that interface.md gives them. */
export const STATIONS = [
  { key: '1', id: 'parts', name: 'Parts' },
  { key: '2', id: 'board', name: 'Board' },
  { key: '3', id: 'order', name: 'Order' },
  { key: '4', id: 'marks', name: 'Marks' },
  { key: '5', id: 'bags', name: 'Bags' },
  { key: '6', id: 'bench', name: 'Bench' },
  { key: '7', id: 'manual', name: 'Manual' },
  { key: '8', id: 'faults', name: 'Faults' },
] as const;
