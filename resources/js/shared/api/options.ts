import { createContext, useContext } from 'react';

/** What is chosen of a kit's options, as `box=drilled;power=jack`; empty is the default of every option. */
export const OptionsContext = createContext('');

export function useOptions(): string {
  return useContext(OptionsContext);
}

/** The query that asks for other options than the defaults. */
export function chosen(options: string): { query?: { options: string } } {
  return options === '' ? {} : { query: { options } };
}
