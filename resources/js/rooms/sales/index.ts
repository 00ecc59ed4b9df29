export { Sales } from './components/Sales';
