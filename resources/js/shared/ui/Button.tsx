import MuiButton from '@mui/material/Button';
import type { ButtonProps as MuiProps } from '@mui/material/Button';
import Tooltip from '@mui/material/Tooltip';

/** How much a button says: the one action of a screen, an action, a switch that is on, or words in a line. */
type Look = 'primary' | 'plain' | 'on' | 'link';
type Props = Omit<MuiProps, 'variant' | 'color' | 'size'> & { look?: Look };

const VARIANT = { primary: 'contained', plain: 'outlined', on: 'outlined', link: 'text' } as const;

/** A button in the house's looks; its title is shown on pointing and on focus. */
export function Button({ look = 'plain', title, ...rest }: Props) {
  const button = <MuiButton type="button" variant={VARIANT[look]} data-on={look === 'on' ? '' : undefined} {...rest} />;
  if (title === undefined || title === '') return button;
  // A button that is off hears no pointer; what stands around it does.
  return (
    <Tooltip title={title} describeChild>
      {rest.disabled ? <span>{button}</span> : button}
    </Tooltip>
  );
}
