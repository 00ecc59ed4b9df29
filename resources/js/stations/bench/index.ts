export { Bench } from './components/Bench';
