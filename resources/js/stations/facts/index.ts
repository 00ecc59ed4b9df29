export { Facts } from './components/Facts';
