import Snackbar from '@mui/material/Snackbar';
import { useState } from 'react';
import type { Matter } from '@/shared/api';
import { Button, Dialog } from '@/shared/ui';
import { clsx } from 'clsx';
import { MatterText } from './MatterText';
import styles from './MattersFoot.module.css';

type Props = {
  id: number;
  station: string;
  matters: readonly Matter[];
  fault: string | null;
  busy: boolean;
  onDismiss: () => void;
  /** how many edits were saved since the kit was opened */ saved: number;
  onUndo: (() => void) | null;
};

/** The line under a station: a refusal, or what is to settle here; the whole list opens over it. */
export function MattersFoot({ id, station, matters, fault, busy, onDismiss, saved, onUndo }: Props) {
  const [open, setOpen] = useState(false);
  const leave = () => {
    setOpen(false);
  };
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
                {count > 0 && <MatterText id={id} message={here[0]?.message ?? ''} />}
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
      <Saved key={saved} shown={saved > 0 && !busy && fault === null} onUndo={onUndo} />
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
      <Dialog open={open} title="At this station" wide onLeave={leave} actions={<Button onClick={leave}>Close</Button>}>
        <div className={styles['matters']}>
          <ul>
            {here.map((matter) => (
              <li key={`${matter.code} ${matter.message}`} className={styles[matter.severity]}>
                <span className={styles['weight']}>
                  {matter.severity === 'block' ? 'stops release' : matter.severity === 'warn' ? 'to settle' : 'to know'}
                </span>
                <span>
                  <MatterText id={id} message={matter.message} />
                </span>
              </li>
            ))}
          </ul>
        </div>
      </Dialog>
    </footer>
  );
}

/** Says for a while that an edit is saved, with the way back. */
function Saved({ shown, onUndo }: { shown: boolean; onUndo: (() => void) | null }) {
  const [gone, setGone] = useState(false);
  return (
    <Snackbar
      open={shown && !gone}
      autoHideDuration={8000}
      transitionDuration={0}
      message="■ Saved."
      onClose={(_, why) => {
        if (why === 'timeout') setGone(true);
      }}
      action={
        onUndo && (
          <Button
            look="link"
            aria-label="Undo what was saved last"
            onClick={() => {
              setGone(true);
              onUndo();
            }}
          >
            Undo
          </Button>
        )
      }
    />
  );
}
