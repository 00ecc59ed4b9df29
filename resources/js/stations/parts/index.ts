export { Parts } from './components/Parts';
