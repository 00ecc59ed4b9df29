import type { BoardDrawing } from '@/shared/api';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './marks.module.css';
import { TextLink } from '@/shared/ui';

/** What a square pad means on each board; within a kind it has one meaning, between kinds it may differ. */
export function PadTable({ boards }: { boards: readonly BoardDrawing[] }) {
  return (
    <section className={styles['pads4']} aria-label="What the square pad means">
      <div className={clsx(ui['caption'], ui['above'])}>
        <b>What the square pad means here</b>
        <span className={ui['end']}>
          <TextLink to="../board">change on Board</TextLink>
        </span>
      </div>
      {boards.map((board) => {
        const pads = Object.entries(board.squarePad as Record<string, string>);
        return (
          <div key={board.name} className={styles['padlist']}>
            {boards.length > 1 && <h3>{board.name}</h3>}
            {pads.length === 0 ? (
              <p className={clsx(ink['quiet'], styles['quiet'])}>Nothing said yet.</p>
            ) : (
              <dl>
                {pads.map(([kind, meaning]) => (
                  <div key={kind}>
                    <dt>{kind}</dt>
                    <dd>{meaning}</dd>
                  </div>
                ))}
              </dl>
            )}
            {new Set(pads.map(([, meaning]) => meaning)).size > 1 && (
              <p className={clsx(ink['quiet'], styles['quiet'])}>
                One meaning within a kind. Between kinds it differs here, so the manual warns.
              </p>
            )}
          </div>
        );
      })}
    </section>
  );
}
