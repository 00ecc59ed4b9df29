import { createBrowserRouter, Navigate } from 'react-router';
import { rooms, stations } from './doors';
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
    path: '/join/:token',
    hydrateFallbackElement: <p className={ui['loading']}>Loading</p>,
    errorElement: <Wrong />,
    lazy: async () => ({ Component: (await import('@/rooms/join')).Join }),
  },
  {
    path: '/',
    element: <Frame />,
    errorElement: <Wrong />,
    hydrateFallbackElement: <p className={ui['loading']}>Loading</p>,
    children: [
      { index: true, element: <Navigate to="/shelf" replace /> },
      ...Object.entries(rooms).map(([path, lazy]) => ({ path, lazy })),
      {
        path: 'kits/:revisionId',
        element: <KitFrame />,
        children: [
          { index: true, element: <Navigate to="parts" replace /> },
          ...Object.entries(stations).map(([path, lazy]) => ({ path, lazy })),
        ],
      },
      { path: '*', element: <Wrong /> },
    ],
  },
]);
