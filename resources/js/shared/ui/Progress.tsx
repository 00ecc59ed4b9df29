import LinearProgress from '@mui/material/LinearProgress';

/** How far something is, from 0 to 100; without a number it is under way. */
export function Progress({ value, label }: { value?: number; label: string }) {
  return (
    <LinearProgress
      className="progress"
      variant={value === undefined ? 'indeterminate' : 'determinate'}
      {...(value === undefined ? {} : { value })}
      aria-label={label}
    />
  );
}
