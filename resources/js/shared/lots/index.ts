export { StopLot } from './StopLot';
