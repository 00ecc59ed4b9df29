import useMediaQuery from '@mui/material/useMediaQuery';

/** True where the window is as narrow as a phone; the sheets say the same width. */
export function usePhone(): boolean {
  return useMediaQuery('(max-width: 699px)');
}
