import NativeSelect from '@mui/material/NativeSelect';
import type { SelectHTMLAttributes } from 'react';

/** A list of words to choose from, that of the device. The class is that of the frame; all else goes to the list. */
export function Select({ className = '', children, ...rest }: SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <NativeSelect disableUnderline className={className} slotProps={{ input: rest as object }}>
      {children}
    </NativeSelect>
  );
}
