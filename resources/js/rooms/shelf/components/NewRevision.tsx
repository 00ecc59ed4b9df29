import { useNavigate } from 'react-router';
import type { ShelfRow, useKitDeed } from '@/shared/api';
import { Button, Dialog, Refusal } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './shelf.module.css';

/** What may change, and the station where it is changed. */
const CHANGES = [
  { to: 'parts', what: 'A part', how: 'another value, type or supplier, one more or one less' },
  { to: 'board', what: 'The board', how: 'new files, an outline, places that moved' },
  { to: 'order', what: 'The order', how: 'steps, rules, what is held how' },
  { to: 'marks', what: 'Directions', how: 'callouts, what turning a part does' },
  { to: 'bags', what: 'The bags', how: 'what goes into which' },
  { to: 'bench', what: 'Tests', how: 'readings, ranges, calibration' },
  { to: 'manual', what: 'The manual', how: 'its words and pictures' },
  { to: 'facts', what: 'The kit itself', how: 'name, supply, options, wires, gates, holes' },
] as const;

type Props = { kit: ShelfRow; deed: ReturnType<typeof useKitDeed>; open: boolean; onLeave: () => void };

/** Asks what changes in the new revision, makes it and goes there. */
export function NewRevision({ kit, deed, open, onLeave }: Props) {
  const navigate = useNavigate();
  const begin = (station: string) => {
    deed.mutate(
      { what: 'new-revision', revision: kit.revisionId },
      {
        onSuccess: (row) => {
          onLeave();
          void navigate(`/kits/${String((row as ShelfRow).revisionId)}/${station}`);
        },
      },
    );
  };
  return (
    <Dialog
      open={open}
      title={`What changes in ${kit.name}?`}
      onLeave={onLeave}
      actions={<Button onClick={onLeave}>Leave</Button>}
    >
      <p className={ink['quiet']}>
        The new revision begins as a copy of {kit.revision}. What differs in the end is told in Parts, and a slip is
        printed for kits that are packed already.
      </p>
      <ul className={styles['changes']}>
        {CHANGES.map((change) => (
          <li key={change.to}>
            <Button
              fullWidth
              disabled={deed.isPending}
              onClick={() => {
                begin(change.to);
              }}
            >
              <b>{change.what}</b>
              <span className={ink['quiet']}>{change.how}</span>
            </Button>
          </li>
        ))}
      </ul>
      {deed.error && <Refusal>{deed.error.message}</Refusal>}
    </Dialog>
  );
}
