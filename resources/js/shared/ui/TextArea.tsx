import InputBase from '@mui/material/InputBase';
import type { Ref, TextareaHTMLAttributes } from 'react';

type Props = TextareaHTMLAttributes<HTMLTextAreaElement> & { ref?: Ref<HTMLTextAreaElement> };

/** Several lines of text. */
export function TextArea({ className = '', rows = 4, ref, ...rest }: Props) {
  return (
    <InputBase
      multiline
      rows={rows}
      className={className}
      inputRef={ref}
      // The element is a textarea; the type of the library knows inputs only.
      slotProps={{ input: rest as object }}
    />
  );
}
