export { KitContext, useKit, type KitView, type Side } from './KitContext';
