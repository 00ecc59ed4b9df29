export { KitContext, useKit, type Saved, type Side } from './KitContext';
export { useFacing } from './useFacing';
export { isDue, orderByWords, packableWords, reachWhy, soldOutWords } from './reach';
export { useShowPart } from './useShowPart';
