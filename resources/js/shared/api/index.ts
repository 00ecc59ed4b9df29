export { api, Refused } from './client';
export * from './queries';
export type * from './types';
