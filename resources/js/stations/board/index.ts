export { Board } from './components/Board';
