export { KitContext, useKit, type Side } from './KitContext';
