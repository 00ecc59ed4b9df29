import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

type Props = {
  to: string;
  here: boolean;
  className: string | undefined;
  onClick?: () => void;
  children: ReactNode;
};

/** A room or a station in its row; the one somebody is in says so. */
export function PlaceLink({ to, here, className, onClick, children }: Props) {
  return (
    <ButtonBase
      component={Link}
      to={to}
      aria-current={here ? 'page' : undefined}
      className={className ?? ''}
      {...(onClick ? { onClick } : {})}
      sx={{ display: 'block', font: 'inherit', textAlign: 'inherit' }}
    >
      {children}
    </ButtonBase>
  );
}
