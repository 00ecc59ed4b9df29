import LinearProgress from '@mui/material/LinearProgress';
import ui from '@/shared/ui/ui.module.css';

/** How far something is, from 0 to 100; without a number it is under way. */
export function Progress({ value, label }: { value?: number; label: string }) {
  return (
    <LinearProgress
      className={ui['progress']}
      variant={value === undefined ? 'indeterminate' : 'determinate'}
      {...(value === undefined ? {} : { value })}
      aria-label={label}
    />
  );
}
