/** The shop rooms on the spine, each for those who may use it. */
export const ROOMS = [
  { to: '/shelf', name: 'Shelf', needs: 'see-kits', sign: 'M2 4h16M2 10h16M2 16h16M6 2v4M13 8v4M8 14v4' },
  { to: '/library', name: 'Library', needs: 'see-kits', sign: 'M4 3h4v14H4zM9.5 3h3v14h-3zM13.500 4l3-.7 2 13-3 .7z' },
  { to: '/stock', name: 'Stock', needs: 'see-kits', sign: 'M3 8l7-4 7 4v8H3zM3 8h14M10 8v8' },
  {
    to: '/packing',
    name: 'Packing',
    needs: 'pack-kits',
    sign: 'M5 7h10l1.500 10h-13zM7.500 7V4.500a2.500 2.500 0 0 1 5 0V7',
  },
  { to: '/sales', name: 'Sales', needs: 'sell-kits', sign: 'M4 2.500h12v15l-3-2-3 2-3-2-3 2zM7 7h6M7 10.500h6' },
  { to: '/reports', name: 'Reports', needs: 'answer-reports', sign: 'M3 4h14v10h-8l-4 3.500V14H3zM7 8h6M7 11h4' },
  {
    to: '/shop',
    name: 'Shop',
    needs: 'see-kits',
    foot: true,
    sign: 'M3 17V8l7-5 7 5v9zM3 8h14M8 17v-5h4v5',
  },
] as const;
