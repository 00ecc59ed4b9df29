import type { ReactNode } from 'react';
import { useView, Views } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';

const VIEWS = [
  { id: 'strip', name: 'To ship' },
  { id: 'orders', name: 'Orders' },
  { id: 'price', name: 'Price' },
] as const;
export type SalesView = (typeof VIEWS)[number]['id'];

/** Which view of the room is open, as its address says. */
export function useSalesView() {
  return useView<SalesView>(VIEWS.map(({ id }) => id));
}

/** The head of the room: its name, its views, and what stands beside them. */
export function SalesHead({ children }: { children?: ReactNode }) {
  const [view, open] = useSalesView();
  return (
    <div className={ui['roomhead']}>
      <h1>Sales</h1>
      <Views label="Orders and prices" views={VIEWS} view={view} onView={open} />
      {children}
    </div>
  );
}
