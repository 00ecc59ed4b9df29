export { Order } from './components/Order';
