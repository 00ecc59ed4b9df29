import { lazy, Suspense, type ComponentProps } from 'react';
import Skeleton from '@mui/material/Skeleton';

const Bars = lazy(() => import('./BarList'));

/** The charts come in a piece of their own, when the first is shown. */
export function BarList(props: ComponentProps<typeof Bars>) {
  return (
    <Suspense fallback={<Skeleton animation={false} height={80} />}>
      <Bars {...props} />
    </Suspense>
  );
}
