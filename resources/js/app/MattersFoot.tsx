import Dialog from '@mui/material/Dialog';
import { useState } from 'react';
import type { Matter } from '@/shared/api';
import { Button } from '@/shared/ui';
import { clsx } from 'clsx';
import styles from './MattersFoot.module.css';

type Props = {
  station: string;
  matters: readonly Matter[];
  fault: string | null;
  busy: boolean;
  onDismiss: () => void;
};

/** The line under a station: a refusal, or what is to settle here; the whole list opens over it. */
export function MattersFoot({ station, matters, fault, busy, onDismiss }: Props) {
  const [open, setOpen] = useState(false);
  const here = matters.filter((matter) => matter.station === station);
  const count = here.filter((matter) => matter.severity !== 'note').length;
  return (
    <footer className={styles['foot']}>
      {fault ? (
        <>
          <span className={clsx(styles['say'], styles['fault'])} role="alert">
            {fault}
          </span>
          <Button look="link" onClick={onDismiss}>
            Dismiss
          </Button>
        </>
      ) : (
        <>
          <span className={styles['say']} role="status">
            {busy ? (
              'Saving'
            ) : (
              <>
                <b>{count === 0 ? 'Nothing to settle here' : `${String(count)} to settle`}</b>{' '}
                {count > 0 ? here[0]?.message : ''}
              </>
            )}
          </span>
          {here.length > 0 && (
            <Button
              look="link"
              onClick={() => {
                setOpen(true);
              }}
            >
              All {here.length}
            </Button>
          )}
        </>
      )}
      <span className={styles['keys']}>
        <span>
          <kbd>F</kbd> flip
        </span>
        <span>
          <kbd>W</kbd> why
        </span>
        <span>
          <kbd>/</kbd> find
        </span>
        <span>
          <kbd>?</kbd> keys
        </span>
      </span>
      <Dialog
        open={open}
        onClose={() => {
          setOpen(false);
        }}
        aria-labelledby="matters-title"
        maxWidth="md"
        fullWidth
      >
        <div className={styles['matters']}>
          <h2 id="matters-title">At this station</h2>
          <ul>
            {here.map((matter) => (
              <li key={`${matter.code} ${matter.message}`} className={styles[matter.severity]}>
                <span className={styles['weight']}>
                  {matter.severity === 'block' ? 'stops release' : matter.severity === 'warn' ? 'to settle' : 'to know'}
                </span>
                <span>{matter.message}</span>
              </li>
            ))}
          </ul>
          <Button
            onClick={() => {
              setOpen(false);
            }}
          >
            Close
          </Button>
        </div>
      </Dialog>
    </footer>
  );
}
