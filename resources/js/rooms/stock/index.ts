export { Stock } from './components/Stock';
