export { Reports } from './components/Reports';
