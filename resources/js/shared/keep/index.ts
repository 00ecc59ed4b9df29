export { forgetWords, isObject, isText, isTexts, isWords, keep, recall, WORDS } from './keep';
export { useKeptText, useKeptTexts } from './useKept';
