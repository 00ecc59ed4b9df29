export { Bags } from './components/Bags';
