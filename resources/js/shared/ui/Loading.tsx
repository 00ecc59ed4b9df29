import Skeleton from '@mui/material/Skeleton';
import { Refusal } from './Refusal';
import ui from './ui.module.css';

const LINES = [92, 78, 85, 64];

/** Stands where something will be, and says what is being done, or why it cannot be shown. */
export function Loading({ what, fault = null }: { what: string; fault?: Error | null }) {
  if (fault)
    return (
      <div className={ui['loading']}>
        <Refusal>{fault.message}</Refusal>
      </div>
    );
  return (
    <div className={ui['loading']} role="status">
      {what}
      {LINES.map((width) => (
        <Skeleton key={width} animation={false} width={`${String(width)}%`} />
      ))}
    </div>
  );
}
