export { BoardCrop } from './BoardCrop';
export { BoardPane, type Pin } from './BoardPane';
export { BoardView } from './BoardView';
export { fittedBefore } from './fitted';
