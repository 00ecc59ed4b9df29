export { KitContext, useKit, type Saved, type Side } from './KitContext';
export { useFacing } from './useFacing';
