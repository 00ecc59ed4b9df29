export { useKeys, type KeyMap } from './useKeys';
