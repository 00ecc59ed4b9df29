import MuiButton from '@mui/material/Button';
import { Link } from 'react-router';
import type { LinkProps } from 'react-router';

/** A way to another room that looks like a button. */
export function RouteButton(rest: Omit<LinkProps, 'color'>) {
  return <MuiButton component={Link} variant="outlined" {...rest} />;
}
