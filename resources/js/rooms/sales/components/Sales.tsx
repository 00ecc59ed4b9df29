import { OrdersView } from './OrdersView';
import { PriceView } from './PriceView';
import { useSalesView } from './SalesHead';
import { StripView } from './StripView';

/** What was ordered and when it ships, and what a kit costs. */
export function Sales() {
  const [view] = useSalesView();
  if (view === 'price') return <PriceView />;
  return view === 'orders' ? <OrdersView /> : <StripView />;
}
