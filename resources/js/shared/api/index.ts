export { api, Refused } from './client';
export * from './exports';
export * from './queries';
export * from './reports';
export * from './trade';
export type * from './types';
