export { ShopRoom } from './components/ShopRoom';
