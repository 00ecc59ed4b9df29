export { Drawing } from './Drawing';
export { Served } from './Served';
export { PointPad, type Spot } from './PointPad';
