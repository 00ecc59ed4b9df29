import InputBase from '@mui/material/InputBase';
import type { InputHTMLAttributes, Ref } from 'react';

type Props = InputHTMLAttributes<HTMLInputElement> & { ref?: Ref<HTMLInputElement> };

/** One line of text, where a label stands beside it. The class is that of the frame; all else goes to the field. */
export function Input({ className = '', ref, ...rest }: Props) {
  return <InputBase className={className} inputRef={ref} slotProps={{ input: rest }} />;
}
