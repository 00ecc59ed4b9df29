export { BoardPane } from './BoardPane';
export { BoardView } from './BoardView';
