import { useKit } from '@/shared/kit';
import { Button, Dialog } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './manual.module.css';

type Props = { open: boolean; onLeave: () => void; onRelease: () => void };

const FROZEN = [
  'the parts list, the placements and the drawing of the board',
  'the order of the steps with your changes, the callouts and the tests',
  'the bags and their labels',
  'the words of the manual, the cautions and the settings of the print',
];

/** Asks once before a revision is frozen: what is still open, what does not change any more, and what does. */
export function ReleaseDialog({ open, onLeave, onRelease }: Props) {
  const { header } = useKit();
  const left = header.matters.filter((matter) => matter.severity === 'warn');
  return (
    <Dialog
      open={open}
      title={`Release revision ${header.revision} of ${header.kit}?`}
      wide
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Not yet</Button>
          <Button look="primary" onClick={onRelease}>
            {left.length === 0 ? 'Freeze and release' : `Freeze and release with ${String(left.length)} open`}
          </Button>
        </>
      }
    >
      <div className={styles['releasing']}>
        <h3>{left.length === 0 ? '■ Nothing is open' : `▲ ${String(left.length)} still to settle`}</h3>
        {left.length > 0 && (
          <ul>
            {left.map((matter) => (
              <li key={`${matter.code} ${matter.message}`}>
                <span className={ink['quiet']}>{matter.station}</span> {matter.message}
              </li>
            ))}
          </ul>
        )}
        {header.notBegun.length > 0 && <p className={ink['quiet']}>□ Not begun: {header.notBegun.join(', ')}.</p>}
        <h3>From now on these do not change</h3>
        <ul>
          {FROZEN.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
        <p className={ink['quiet']}>
          The FAQ, reports, stock and serial numbers go on. What is found wrong later goes into a new revision.
        </p>
      </div>
    </Dialog>
  );
}
