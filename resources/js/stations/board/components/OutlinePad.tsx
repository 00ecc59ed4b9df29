import { useState } from 'react';
import type { BoardDrawing, BoardPart } from '@/shared/api';
import { PointPad, type Spot } from '@/shared/drawing';
import { useKit } from '@/shared/kit';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './board-station.module.css';

/** Corners move by this, millimetres. */
const GRID = 0.5;

type Corner = readonly [x: number, y: number];
type Props = { board: BoardDrawing; parts: readonly (readonly [string, BoardPart])[]; onDone: () => void };

/** The outline of a board, drawn: corners are dragged, an edge that is pressed gets a new one. */
export function OutlinePad({ board, parts, onDone }: Props) {
  const kit = useKit();
  const [corners, set] = useState<readonly Corner[]>(() => (board.corners as [number, number][] | undefined) ?? []);
  const still: Spot[] = parts.map(([name, part]) => ({ x: part.x, y: part.y, name }));
  const all: readonly Corner[] = [...corners, ...still.map(({ x, y }): Corner => [x, y])];
  const [paper] = useState(() => {
    const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
    const [left, right, low, high] = [Math.min(0, ...xs), Math.max(20, ...xs), Math.min(0, ...ys), Math.max(20, ...ys)];
    const room = 0.15 * Math.max(right - left, high - low);
    return { x: left - room, y: low - room, width: right - left + 2 * room, height: high - low + 2 * room };
  });
  return (
    <div className={styles['outlinepad']}>
      <PointPad
        label={`Outline of ${board.name}`}
        one="corner"
        paper={paper}
        closed
        grid={GRID}
        disabled={!kit.mayEdit}
        still={still}
        spots={corners.map(([x, y]) => ({ x, y }))}
        onMove={(index, x, y) => {
          set(corners.map((each, place) => (place === index ? [x, y] : each)));
        }}
        onAdd={(index, x, y) => {
          set([...corners.slice(0, index), [x, y], ...corners.slice(index)]);
        }}
        onRemove={(index) => {
          if (corners.length > 3) set(corners.filter((_, place) => place !== index));
        }}
      />
      <p className={ink['quiet']}>
        Drag a corner, or move it by the arrow keys; press an edge for a new corner, Delete takes one out. Half a
        millimetre a step.
      </p>
      <p className={styles['pads']}>
        <Button
          look="primary"
          disabled={kit.saving || corners.length < 3}
          onClick={() => {
            void kit
              .save([
                {
                  type: 'board',
                  target: board.name,
                  field: 'outline',
                  value: corners.map(([x, y]) => [x, y]),
                },
              ])
              .then((saved) => {
                if (saved === 'saved') onDone();
              });
          }}
        >
          Save the outline
        </Button>
        <Button onClick={onDone}>Leave as it was</Button>
      </p>
    </div>
  );
}
