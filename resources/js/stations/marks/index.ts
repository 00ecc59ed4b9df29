export { Marks } from './components/Marks';
