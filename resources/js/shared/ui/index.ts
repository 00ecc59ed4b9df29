export { DropZone } from './DropZone';
export { FileButton } from './FileButton';
export { Marking } from './Marking';
export { Notice } from './Notice';
export { Split } from './Split';
export { TableActions } from './TableActions';
export { WhyList } from './WhyList';
