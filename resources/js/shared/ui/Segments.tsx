import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';

/** A few choices side by side, one of which holds. */
export function Segments({ label, children }: { label: string; children: ReactNode }) {
  return (
    <ToggleButtonGroup size="small" aria-label={label}>
      {children}
    </ToggleButtonGroup>
  );
}

type Props = { pressed: boolean; disabled?: boolean; onPress: () => void; children: ReactNode };

export function Segment({ pressed, disabled = false, onPress, children }: Props) {
  return (
    <ToggleButton value="" selected={pressed} disabled={disabled} onClick={onPress}>
      {children}
    </ToggleButton>
  );
}
