export { BoardCrop } from './BoardCrop';
export { BoardPane } from './BoardPane';
export { BoardView } from './BoardView';
export { fittedBefore } from './fitted';
