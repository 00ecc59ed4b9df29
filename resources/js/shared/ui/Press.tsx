import ButtonBase from '@mui/material/ButtonBase';
import type { ButtonBaseProps } from '@mui/material/ButtonBase';

/** Where its own sheet says nothing else, it lies like a word in its line. */
const PLAIN = {
  display: 'inline-block',
  justifyContent: 'start',
  alignItems: 'normal',
  textAlign: 'inherit',
  verticalAlign: 'baseline',
  font: 'inherit',
} as const;

/** Something of the job's own shape that can be pressed: a row, a card, a column's head. */
export function Press({ type = 'button', ...rest }: ButtonBaseProps) {
  return <ButtonBase type={type} sx={PLAIN} {...rest} />;
}
