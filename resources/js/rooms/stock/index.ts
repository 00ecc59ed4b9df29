export { BuyingView } from './components/BuyingView';
export { KitsView } from './components/KitsView';
export { PartsView } from './components/PartsView';
export { Stock } from './components/Stock';
