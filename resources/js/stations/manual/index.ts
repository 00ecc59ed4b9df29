export { Manual } from './components/Manual';
