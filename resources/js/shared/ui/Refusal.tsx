import Alert from '@mui/material/Alert';
import type { ReactNode } from 'react';

/** What the server refused and why; what was typed stays where it is. */
export function Refusal({ children, onDismiss }: { children: ReactNode; onDismiss?: () => void }) {
  return (
    <Alert severity="error" variant="outlined" icon={false} {...(onDismiss ? { onClose: onDismiss } : {})}>
      {children}
    </Alert>
  );
}
