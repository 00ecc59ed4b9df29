export { Shelf } from './components/Shelf';
