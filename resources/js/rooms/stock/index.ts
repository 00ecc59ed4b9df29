export { Stock } from './components/Stock';
export { KitsView } from './components/KitsView';
