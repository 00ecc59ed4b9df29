import MuiButton from '@mui/material/Button';
import type { ButtonProps as MuiProps } from '@mui/material/Button';

/** How much a button says: the one action of a screen, an action, a switch that is on, or words in a line. */
type Look = 'primary' | 'plain' | 'on' | 'link';
type Props = Omit<MuiProps, 'variant' | 'color' | 'size'> & { look?: Look };

const VARIANT = { primary: 'contained', plain: 'outlined', on: 'outlined', link: 'text' } as const;

/** A button in the house's looks. */
export function Button({ look = 'plain', className = '', ...rest }: Props) {
  return (
    <MuiButton
      type="button"
      variant={VARIANT[look]}
      data-on={look === 'on' ? '' : undefined}
      className={className}
      {...rest}
    />
  );
}
