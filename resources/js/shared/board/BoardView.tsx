import { useState } from 'react';
import { useApproach, useBoards } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { BoardPane } from './BoardPane';
import { Button, Segment, Segments } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';

type Laid = { board: string; top: string; bottom: string };

type Props = {
  lit: ReadonlySet<string> | null;
  fitted?: ReadonlySet<string> | null;
  board?: string | null;
  /** laid over the drawing of each board, in its coordinates */ drawn?: readonly Laid[];
  /** how strongly parts are shaded, 0 to 1 */ shade?: ReadonlyMap<string, number> | null;
  /** parts that a pressed pointer went over */ onPaint?: (parts: readonly string[]) => void;
  /** shows from where the part looked at is reached: at a step, or `all` */ approach?: number | 'all' | null;
};

/** The board pane of a station: caption, the side looked at, and a choice where a kit has several boards. */
export function BoardView({
  lit,
  fitted = null,
  board = null,
  approach = null,
  drawn = [],
  shade = null,
  onPaint,
}: Props) {
  const kit = useKit();
  const reached = useApproach(kit.id, approach === null ? null : kit.selected, approach === 'all' ? null : approach);
  const boards = useBoards(kit.id);
  const [chosen, choose] = useState<string | null>(null);
  const all = boards.data?.boards ?? [];
  const now = all.find((each) => each.name === (board ?? chosen)) ?? all[0];
  if (boards.data && Object.keys(boards.data.parts).length === 0) {
    return (
      <>
        <div className={ui['caption']}>
          <b>Board</b>
        </div>
        <p className={ui['loading']}>
          No part has a place yet. Drop a placement file anywhere here: designator, x, y, rotation, side.
        </p>
      </>
    );
  }
  if (!now) return <p className={ui['loading']}>{boards.error ? boards.error.message : 'Drawing the board'}</p>;
  return (
    <>
      <div className={ui['caption']}>
        <b>{kit.side === 'top' ? 'Top side' : 'Bottom side'}</b>
        <span className={ink['quiet']}>as the builder reads it</span>
        {all.length > 1 && (
          <Segments label="Board">
            {all.map((each) => (
              <Segment
                key={each.name}
                pressed={each.name === now.name}
                onPress={() => {
                  choose(each.name);
                }}
              >
                {each.name}
              </Segment>
            ))}
          </Segments>
        )}
        <span className={ui['end']}>
          <Button onClick={kit.flip}>Flip</Button>
        </span>
      </div>
      <BoardPane
        board={now}
        side={kit.side}
        lit={lit}
        fitted={fitted}
        onPick={kit.select}
        onPaint={onPaint}
        shade={shade}
        over={[reached.data, ...drawn].map((each) => (each?.board === now.name ? each[kit.side] : '')).join('')}
      />
      {reached.data && reached.data.notes.length > 0 && (
        <p className={clsx(ui['reach'], reached.data.fits ? ink['quiet'] : ink['ochre'])}>
          <b className={ink['m']}>{kit.selected}</b> {reached.data.fits ? '' : '▲ '}
          {reached.data.notes.join(' ')}
        </p>
      )}
    </>
  );
}
