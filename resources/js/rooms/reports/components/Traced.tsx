import { useState } from 'react';
import { useBoards, type BoardPart } from '@/shared/api';
import { BoardPane } from '@/shared/board';
import { Circuit } from '@/shared/circuit';
import type { Side } from '@/shared/kit';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** Where in the kit a report may lie: its board and its circuit beside each other, what is picked in one lit in both. */
export function Traced({ id }: { id: number }) {
  const boards = useBoards(id);
  const [part, look] = useState<string | null>(null);
  const [turned, turn] = useState<Side | null>(null);
  const all = boards.data?.boards ?? [];
  const places = boards.data?.parts as Record<string, BoardPart> | undefined;
  const place = part === null ? undefined : places?.[part];
  const now = all.find((each) => each.name === place?.board) ?? all[0];
  const side = turned ?? place?.side ?? 'top';
  const pick = (name: string) => {
    turn(null);
    look((was) => (was === name ? null : name));
  };
  return (
    <div className={styles['traced']}>
      {now && (
        <section aria-label="Board of the kit">
          <div className={ui['caption']}>
            <b>{side === 'top' ? 'Top side' : 'Bottom side'}</b>
            <span className={ink['quiet']}>
              {part === null ? 'pick a part' : <span className={ink['m']}>{part}</span>}
              {part !== null && place === undefined ? ', which stands on no board' : ''}
            </span>
            <span className={ui['end']}>
              <Button
                onClick={() => {
                  turn(side === 'top' ? 'bottom' : 'top');
                }}
              >
                Flip
              </Button>
            </span>
          </div>
          <BoardPane
            board={now}
            side={side}
            lit={part === null ? null : new Set([part])}
            fitted={null}
            onPick={pick}
            className={styles['tracedboard']}
          />
        </section>
      )}
      <Circuit id={id} lit={part} onPick={pick} />
    </div>
  );
}
