import MuiButton from '@mui/material/Button';
import type { AnchorHTMLAttributes, Ref } from 'react';

type Props = Omit<AnchorHTMLAttributes<HTMLAnchorElement>, 'color'> & { ref?: Ref<HTMLAnchorElement> };

/** A link that looks like a button: to fetch a file, to open a page. */
export function LinkButton(rest: Props) {
  return <MuiButton component="a" variant="outlined" {...rest} />;
}
