import { createBrowserRouter, Navigate } from 'react-router';
import { Frame } from './Frame';
import { KitFrame } from './KitFrame';
import { Wrong } from './Wrong';
import ui from '@/shared/ui/ui.module.css';

/** Rooms and stations are loaded when they are entered. */
export const router = createBrowserRouter([
  {
    path: '/sign-in',
    hydrateFallbackElement: <p className={ui['loading']}>Loading</p>,
    errorElement: <Wrong />,
    lazy: async () => ({ Component: (await import('@/rooms/sign-in')).SignIn }),
  },
  {
    path: '/',
    element: <Frame />,
    errorElement: <Wrong />,
    hydrateFallbackElement: <p className={ui['loading']}>Loading</p>,
    children: [
      { index: true, element: <Navigate to="/shelf" replace /> },
      { path: 'shelf', lazy: async () => ({ Component: (await import('@/rooms/shelf')).Shelf }) },
      { path: 'library', lazy: async () => ({ Component: (await import('@/rooms/library')).LibraryRoom }) },
      { path: 'stock', lazy: async () => ({ Component: (await import('@/rooms/stock')).Stock }) },
      { path: 'packing', lazy: async () => ({ Component: (await import('@/rooms/packing')).Packing }) },
      { path: 'packing/:runId', lazy: async () => ({ Component: (await import('@/rooms/packing')).PackRun }) },
      { path: 'sales', lazy: async () => ({ Component: (await import('@/rooms/sales')).Sales }) },
      { path: 'reports', lazy: async () => ({ Component: (await import('@/rooms/reports')).Reports }) },
      {
        path: 'kits/:revisionId',
        element: <KitFrame />,
        children: [
          { index: true, element: <Navigate to="parts" replace /> },
          { path: 'parts', lazy: async () => ({ Component: (await import('@/stations/parts')).Parts }) },
          { path: 'board', lazy: async () => ({ Component: (await import('@/stations/board')).Board }) },
          { path: 'marks', lazy: async () => ({ Component: (await import('@/stations/marks')).Marks }) },
          { path: 'bags', lazy: async () => ({ Component: (await import('@/stations/bags')).Bags }) },
          { path: 'bench', lazy: async () => ({ Component: (await import('@/stations/bench')).Bench }) },
          { path: 'manual', lazy: async () => ({ Component: (await import('@/stations/manual')).Manual }) },
          { path: 'faults', lazy: async () => ({ Component: (await import('@/stations/faults')).Faults }) },
          { path: 'pilot', lazy: async () => ({ Component: (await import('@/stations/pilot')).Pilot }) },
          { path: 'order', lazy: async () => ({ Component: (await import('@/stations/order')).Order }) },
        ],
      },
      { path: '*', element: <Wrong /> },
    ],
  },
]);
