export { Drawing } from './Drawing';
export { PointPad, type Spot } from './PointPad';
