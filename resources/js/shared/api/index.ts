export { api, Refused } from './client';
export * from './exports';
export * from './library';
export * from './options';
export * from './pilot';
export * from './queries';
export * from './reports';
export * from './trade';
export type * from './types';
