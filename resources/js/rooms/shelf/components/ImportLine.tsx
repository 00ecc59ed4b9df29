import LinearProgress from '@mui/material/LinearProgress';
import type { useImport } from '@/shared/api';
import { Button, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './shelf.module.css';

type Props = {
  incoming: ReturnType<typeof useImport>;
  files: readonly File[];
  onColumn: (column: number) => void;
  onList: (list: string) => void;
};

/** How far dropped files are on their way to a kit, and why they were refused. */
export function ImportLine({ incoming, files, onColumn, onList }: Props) {
  const { start, now, cancel, leave } = incoming;
  const names = files.map((file) => file.name).join(', ');
  if (start.isPending || now?.status === 'queued' || now?.status === 'running') {
    return (
      <div className={styles['incoming']} role="status">
        <span>
          {start.isPending
            ? `Sending ${names}`
            : now?.status === 'queued'
              ? `${names}: waiting for the worker`
              : `${names}: working it out, ${String(now?.progress ?? 0)} %`}
        </span>
        <LinearProgress
          variant={start.isPending || now?.status === 'queued' ? 'indeterminate' : 'determinate'}
          value={now?.progress ?? 0}
          aria-label={`Import of ${names}`}
        />
        {now && (
          <Button look="link" onClick={() => void cancel()}>
            Stop
          </Button>
        )}
      </div>
    );
  }
  if (now?.status === 'failed' && now.headers.length > 0) {
    return (
      <p className={styles['which']}>
        <label htmlFor="designator-column">
          ▲ {names}: no column is named for the designators. Which one holds them (R1, C2)?
        </label>{' '}
        <Select
          id="designator-column"
          className={clsx(ui['filter'], ui['wide'])}
          defaultValue=""
          onChange={(event) => {
            onColumn(Number(event.target.value));
          }}
        >
          <option value="" disabled>
            choose
          </option>
          {now.headers.map((header, index) => (
            <option key={`${header} ${String(index)}`} value={index}>
              {header === '' ? `column ${String(index + 1)}` : header}
            </option>
          ))}
        </Select>
      </p>
    );
  }
  if (now?.status === 'failed' && now.lists.length > 0) {
    return (
      <p className={styles['which']}>
        ▲ {names}: several tables may be the parts list. Which one is it?{' '}
        {now.lists.map((list) => (
          <Button
            key={list}
            onClick={() => {
              onList(list);
            }}
          >
            {list}
          </Button>
        ))}{' '}
        <Button look="link" onClick={leave}>
          None of them
        </Button>
      </p>
    );
  }
  const fault =
    start.error?.message ??
    (now?.status === 'failed' ? now.fault : now?.status === 'cancelled' ? 'Stopped; nothing of it is kept.' : null);
  return fault ? (
    <p className={clsx(ui['refusal'], styles['refusal'])} role="alert">
      {fault}{' '}
      <Button look="link" onClick={leave}>
        Dismiss
      </Button>
    </p>
  ) : null;
}
