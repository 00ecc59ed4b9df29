export { Faults } from './components/Faults';
