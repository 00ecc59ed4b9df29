import MuiDialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useId, type ReactNode } from 'react';

type Props = {
  open: boolean;
  title: string;
  wide?: boolean;
  /** none where the dialog has to be answered */ onLeave?: () => void;
  onEntered?: () => void;
  actions: ReactNode;
  children: ReactNode;
};

/** Asks, or shows something over the room. */
export function Dialog({ open, title, wide = false, onLeave, onEntered, actions, children }: Props) {
  const id = useId();
  return (
    <MuiDialog
      open={open}
      {...(onLeave ? { onClose: onLeave } : {})}
      aria-labelledby={id}
      maxWidth={wide ? 'md' : 'sm'}
      fullWidth={wide}
      slotProps={{ transition: { onEntered: () => onEntered?.() } }}
    >
      <DialogTitle id={id}>{title}</DialogTitle>
      <DialogContent>{children}</DialogContent>
      <DialogActions>{actions}</DialogActions>
    </MuiDialog>
  );
}
