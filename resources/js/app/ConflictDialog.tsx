import type { Change, Conflict, LoggedChange } from '@/shared/api';
import { Button, Dialog } from '@/shared/ui';
import styles from './ConflictDialog.module.css';

type Props = { conflict: Conflict | null; onKeepTheirs: () => void; onSaveMine: () => Promise<void> };

function words(change: Change | LoggedChange): string {
  const value =
    change.value === null || change.value === undefined
      ? 'taken away'
      : typeof change.value === 'string' || typeof change.value === 'number' || typeof change.value === 'boolean'
        ? String(change.value)
        : 'changed';
  const where =
    change.type === 'cell'
      ? `row ${change.target}, ${change.field}`
      : [change.target, change.field].filter((word) => word !== '').join(', ');
  return change.type === 'order' ? 'order of steps changed' : `${where || change.type}: ${value}`;
}

/** Two people edited one draft: what the other changed, and one's own words, kept. */
export function ConflictDialog({ conflict, onKeepTheirs, onSaveMine }: Props) {
  return (
    <Dialog
      open={conflict !== null}
      title="Somebody else changed this draft"
      wide
      actions={
        <>
          <Button onClick={onKeepTheirs}>Leave it as it is now</Button>
          {(conflict?.mine.length ?? 0) > 0 && (
            <Button look="primary" onClick={() => void onSaveMine()}>
              Save mine as well
            </Button>
          )}
        </>
      }
    >
      <div className={styles['conflict']}>
        <p>{conflict?.message}</p>
        <div className={styles['two']}>
          <div>
            <h3>{[...new Set(conflict?.theirs.map((edit) => edit.by))].join(', ')} changed</h3>
            <ul>
              {conflict?.theirs.flatMap((edit) =>
                edit.change.map((change, index) => (
                  <li key={`${String(edit.sequence)} ${String(index)}`}>{words(change)}</li>
                )),
              )}
            </ul>
          </div>
          <div>
            <h3>You wrote</h3>
            <ul>
              {conflict?.mine.map((change) => (
                <li key={`${change.type} ${change.target} ${change.field}`}>{words(change)}</li>
              ))}
            </ul>
          </div>
        </div>
      </div>
    </Dialog>
  );
}
