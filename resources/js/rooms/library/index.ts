export { LibraryRoom } from './components/LibraryRoom';
