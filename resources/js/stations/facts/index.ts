export { SUBJECTS } from './specs';
export { Facts } from './components/Facts';
