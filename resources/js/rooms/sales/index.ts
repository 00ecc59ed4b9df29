export { OrdersView } from './components/OrdersView';
export { PriceView } from './components/PriceView';
export { Sales } from './components/Sales';
