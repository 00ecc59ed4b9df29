import { useRunBoards, type Boards, type Run, type RunLine } from '@/shared/api';
import { BoardPane } from '@/shared/board';
import { placesOf } from '../model';
import styles from './packing.module.css';

/** Where the part in hand will sit: its places lit on the board, from the side it sits on. */
export function Places({ run, line }: { run: Run; line: RunLine }) {
  const boards = useRunBoards(run);
  const parts: Boards['parts'] | undefined = boards.data?.parts;
  const places = parts === undefined ? null : placesOf(parts, line.item.designators);
  const board = boards.data?.boards.find((each) => each.name === places?.board);
  if (!board || !places) return <div className={styles['places']} />;
  return (
    <figure className={styles['places']} aria-label={`Its places on the board: ${[...places.lit].join(', ')}`}>
      <BoardPane board={board} side={places.side} lit={places.lit} fitted={places.lit} />
      <figcaption>
        {places.side === 'top' ? 'top side' : 'bottom side'}
        {boards.data && boards.data.boards.length > 1 ? `, board ${board.name}` : ''}
        {places.more > 0 ? `; ${String(places.more)} more elsewhere` : ''}
      </figcaption>
    </figure>
  );
}
