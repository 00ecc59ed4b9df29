import { useState, type CSSProperties } from 'react';
import { useApproach, useBoards, type BoardDrawing, type BoardPart } from '@/shared/api';
import { BoardPane } from '@/shared/board';
import { useKit, useShowPart } from '@/shared/kit';
import { Button, FileButton, Segment, Segments, Split, Loading } from '@/shared/ui';
import { BoardFacts } from './BoardFacts';
import { BoardFileList } from './BoardFileList';
import { BoardMatters } from './BoardMatters';
import { Places } from './Places';
import { PlaceShift, placesEdit } from './PlaceShift';
import { useShiftDrag } from './useShiftDrag';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './board-station.module.css';

/** The Board station: both sides to scale, what does not match, and the facts of the board. */
export function Board() {
  const kit = useKit();
  const boards = useBoards(kit.id);
  const reached = useApproach(kit.id, kit.selected, null);
  const [chosen, choose] = useState<string | null>(null);
  const [shaded, setShaded] = useState(false);
  const [full, setFull] = useState(false);
  const [dragging, setDragging] = useState(false);
  const board = boards.data?.boards.find((each) => each.name === chosen) ?? boards.data?.boards[0];
  const drag = useShiftDrag(board, (way) => {
    if (!board) return;
    const [x = 0, y = 0] = board.places?.move ?? [];
    void kit.save([placesEdit(board.name, x + way.x, y + way.y, board.places?.turn ?? 0)]);
  });
  useShowPart(boards.data !== undefined);
  if (!boards.data) return <Loading what="Drawing the board" fault={boards.error} />;
  if (!board) return null;
  const parts = Object.entries(boards.data.parts as Record<string, BoardPart>).filter(
    ([, part]) => part.board === board.name,
  );
  const tallest = Math.max(1, ...parts.map(([, part]) => part.height));
  const shade = shaded ? new Map(parts.map(([name, part]) => [name, part.height / tallest])) : null;
  const lit = kit.selected === null ? null : new Set([kit.selected]);
  return (
    <Split
      start={560}
      work={
        <>
          <div className={ui['bar']}>
            <b>
              {parts.length} places on {boards.data.boards.length > 1 ? board.name : 'the board'}
            </b>
            <span>
              {board.width.toFixed(1)} × {board.height.toFixed(1)} mm, {board.thickness.toFixed(1)} mm thick
            </span>
            {boards.data.boards.length > 1 && (
              <Segments label="Board">
                {boards.data.boards.map((each) => (
                  <Segment
                    key={each.name}
                    pressed={each.name === board.name}
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
              {kit.mayEdit && <FileButton label="Add board files" onFiles={kit.drop} />}
            </span>
          </div>
          <div className={styles['above']} tabIndex={0} role="region" aria-label="Facts and files of the board">
            <BoardMatters />
            <PlaceShift board={board} dragging={dragging} onDragging={setDragging} />
            <BoardFileList />
            <BoardFacts board={board} parts={parts} />
          </div>
          <Places parts={parts} />
        </>
      }
      pane={
        <>
          <div className={ui['caption']}>
            <b>Both sides</b>
            <span className={ink['quiet']}>{kit.side === 'top' ? 'top above' : 'bottom above'}</span>
            <span className={clsx(ui['end'], styles['acts'])}>
              <Button
                look={shaded ? 'on' : 'plain'}
                aria-pressed={shaded}
                onClick={() => {
                  setShaded((now) => !now);
                }}
              >
                Shade by height
              </Button>
              <Button
                look={full ? 'on' : 'plain'}
                aria-pressed={full}
                onClick={() => {
                  setFull((now) => !now);
                }}
              >
                True size
              </Button>
              <Button onClick={kit.flip}>Flip</Button>
            </span>
          </div>
          <div
            className={clsx(ui['scroll'], styles['sides'])}
            tabIndex={0}
            role="region"
            aria-label="Both sides of the board"
          >
            {reached.data && reached.data.notes.length > 0 && (
              <p className={clsx(ui['reach'], reached.data.fits ? ink['quiet'] : ink['ochre'])}>
                <b className={ink['m']}>{kit.selected}</b> {reached.data.fits ? '' : '▲ '}
                {reached.data.notes.join(' ')}
              </p>
            )}
            {[kit.side, kit.side === 'top' ? ('bottom' as const) : ('top' as const)].map((side) => (
              <OneSide
                key={side}
                board={board}
                side={side}
                lit={lit}
                shade={shade}
                full={full}
                drag={dragging && side === 'top' ? drag : null}
                over={reached.data?.board === board.name ? reached.data[side] : ''}
                onPick={kit.select}
              />
            ))}
          </div>
        </>
      }
    />
  );
}

type SideProps = {
  board: BoardDrawing;
  side: 'top' | 'bottom';
  lit: ReadonlySet<string> | null;
  shade: ReadonlyMap<string, number> | null;
  full: boolean;
  /** the places follow the pointer */
  drag: ReturnType<typeof useShiftDrag> | null;
  over: string;
  onPick: (name: string) => void;
};

function OneSide({ board, side, lit, shade, full, drag, over, onPick }: SideProps) {
  const turned = board.reading % 180 !== 0;
  const width = (turned ? board.height : board.width) + 2;
  return (
    <figure>
      <figcaption>{side === 'top' ? 'Top side' : 'Bottom side, turned over left to right'}</figcaption>
      <div
        style={{
          ...(full ? { width: `${String(width)}mm` } : {}),
          ...(drag
            ? ({ '--shift-x': `${String(drag.way.x)}px`, '--shift-y': `${String(drag.way.y)}px` } as CSSProperties)
            : {}),
        }}
        className={clsx(full && styles['truesize'], drag && styles['moving'])}
        {...(drag ? drag.handlers : {})}
      >
        <BoardPane
          className={styles['drawing']}
          board={board}
          side={side}
          lit={lit}
          fitted={null}
          shade={shade}
          onPick={onPick}
          over={over}
        />
      </div>
    </figure>
  );
}
