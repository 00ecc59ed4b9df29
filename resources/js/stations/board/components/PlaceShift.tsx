import { useState } from 'react';
import type { BoardDrawing } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './board-station.module.css';

type Props = {
  board: BoardDrawing;
  /** the places follow the mouse */
  dragging: boolean;
  onDragging: (dragging: boolean) => void;
};

/** Brings all places of a board over its outline, where the two files count from different origins: by number, or with the mouse. */
export function PlaceShift({ board, dragging, onDragging }: Props) {
  const kit = useKit();
  const now = { x: board.places?.move[0] ?? 0, y: board.places?.move[1] ?? 0, turn: board.places?.turn ?? 0 };
  const [typed, type] = useState<{ x: string; y: string } | null>(null);
  const [asked, ask] = useState(false);
  const suggested = board.suggestedMove ?? null;
  const open = asked || suggested !== null || (board.places ?? null) !== null;
  const put = (x: number, y: number, turn: number) => {
    type(null);
    void kit.save([placesEdit(board.name, x, y, turn)]);
  };
  if (!kit.mayEdit) return null;
  if (!open) {
    return (
      <p className={styles['shift']}>
        <Button
          look="link"
          onClick={() => {
            ask(true);
          }}
        >
          Move all places
        </Button>
      </p>
    );
  }
  const x = typed?.x ?? String(now.x);
  const y = typed?.y ?? String(now.y);
  const fault = [x, y].some((text) => !Number.isFinite(length(text)));
  const commit = () => {
    if (typed !== null && !fault) put(length(x), length(y), now.turn);
  };
  const field = (axis: 'x' | 'y', value: string) => (
    <label>
      {axis}{' '}
      <Input
        className={clsx(ui['filter'], styles['number'])}
        aria-label={`Move all places in ${axis}, millimetres`}
        value={value}
        onChange={(event) => {
          type({ x, y, [axis]: event.target.value });
        }}
        onBlur={commit}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') type(null);
        }}
      />
    </label>
  );
  return (
    <p className={styles['shift']} role="group" aria-label="All places of the board">
      <b>All places</b> moved by {field('x', x)} {field('y', y)} mm, turned{' '}
      <Select
        className={ui['filter']}
        aria-label="Turn all places"
        value={String(now.turn)}
        disabled={kit.saving}
        onChange={(event) => {
          put(now.x, now.y, Number(event.target.value));
        }}
      >
        {[...new Set([0, 90, 180, 270, now.turn])].map((turn) => (
          <option key={turn} value={turn}>
            {turn}°
          </option>
        ))}
      </Select>{' '}
      <Button
        look={dragging ? 'on' : 'plain'}
        aria-pressed={dragging}
        onClick={() => {
          onDragging(!dragging);
        }}
      >
        By mouse
      </Button>{' '}
      {suggested && (
        <Button
          disabled={kit.saving}
          onClick={() => {
            put(now.x + (suggested[0] ?? 0), now.y + (suggested[1] ?? 0), now.turn);
          }}
        >
          Into the middle (a guess)
        </Button>
      )}
      {fault && <span className={ink['ochre']}> ▲ Write numbers, such as -12.5.</span>}
    </p>
  );
}

/** What moves all places of a board; nothing where they lie as the file has them. */
export function placesEdit(board: string, x: number, y: number, turn: number) {
  const round = (value: number) => Math.round(value * 1000) / 1000;
  return {
    type: 'board' as const,
    target: board,
    field: 'places',
    value: x === 0 && y === 0 && turn === 0 ? null : { move: [round(x), round(y)], turn },
  };
}

function length(text: string): number {
  return text.trim() === '' ? NaN : Number(text.replace(',', '.'));
}
