export { Pilot } from './components/Pilot';
