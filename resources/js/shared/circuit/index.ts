export { Circuit } from './Circuit';
