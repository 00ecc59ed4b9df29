export { useKeys } from './useKeys';
