import MuiLink from '@mui/material/Link';
import type { AnchorHTMLAttributes } from 'react';
import { Link, type LinkProps } from 'react-router';

/** Words that lead to another room. */
export function TextLink(props: LinkProps) {
  return <MuiLink component={Link} {...props} />;
}

/** Words that lead out of the application, or to a file. */
export function OutLink(props: AnchorHTMLAttributes<HTMLAnchorElement>) {
  return <MuiLink {...props} />;
}
