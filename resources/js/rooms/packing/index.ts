export { Packing } from './components/Packing';
export { PackRun } from './components/PackRun';
