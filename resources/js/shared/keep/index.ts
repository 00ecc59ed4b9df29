export { isObject, isText, isTexts, isWords, keep, recall } from './keep';
