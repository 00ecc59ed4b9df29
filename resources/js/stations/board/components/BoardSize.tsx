import { useState } from 'react';
import type { BoardDrawing, BoardPart, ChangeField } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { outlineTyped } from '../outline';
import { OutlinePad } from './OutlinePad';
import styles from './board-station.module.css';

type Props = { board: BoardDrawing; parts: readonly (readonly [string, BoardPart])[] };

/** Outline and thickness of a board, by numbers or drawn, where no file tells them. */
export function BoardSize({ board, parts }: Props) {
  const kit = useKit();
  const [fault, tell] = useState('');
  const [drawing, draw] = useState(false);
  const save = (field: ChangeField<'board'>, value: unknown) => {
    tell('');
    void kit.save([{ type: 'board', target: board.name, field, value: value as never }]);
  };
  const size = [board.width, board.height].map((each) => String(Number(each.toFixed(2)))).join(' ');
  const thickness = String(board.thickness);
  return (
    <div className={drawing ? styles['whole'] : undefined}>
      <h2>Outline and thickness</h2>
      <div className={styles['pads']}>
        <label>
          mm{' '}
          <Input
            key={size}
            className={clsx(ui['filter'], styles['filter'])}
            aria-label="Outline of the board, width and height or corners"
            title="80 60, or corners: 0 0; 80 0; 80 60; 0 60"
            defaultValue={size}
            disabled={!kit.mayEdit}
            onBlur={(event) => {
              const text = event.target.value.trim();
              const outline = outlineTyped(text);
              if (text === size) tell('');
              else if (text === '') save('outline', null);
              else if (outline === null) tell('An outline is width and height, 80 60, or corners, 0 0; 80 0; 80 60.');
              else save('outline', outline);
            }}
          />
        </label>
        <label>
          thick{' '}
          <Input
            key={thickness}
            className={clsx(ui['filter'], styles['filter'], styles['thin'])}
            aria-label="Thickness of the board, millimetres"
            inputMode="decimal"
            defaultValue={thickness}
            disabled={!kit.mayEdit}
            onBlur={(event) => {
              const text = event.target.value.trim();
              if (text === thickness) tell('');
              else if (text !== '' && !(Number(text) > 0)) tell('The thickness is a number of millimetres, 1.6.');
              else save('thickness', text === '' ? null : Number(text));
            }}
          />
        </label>
        {kit.mayEdit && (
          <Button
            look={drawing ? 'on' : 'plain'}
            aria-pressed={drawing}
            onClick={() => {
              draw(!drawing);
            }}
          >
            Draw it
          </Button>
        )}
        {board.outlineGiven ? null : <span className={ink['quiet']}>a guess, around the parts</span>}
      </div>
      {drawing && (
        <OutlinePad
          key={board.name}
          board={board}
          parts={parts}
          onDone={() => {
            draw(false);
          }}
        />
      )}
      {fault !== '' && (
        <p className={ui['wrong']} role="alert">
          {fault}
        </p>
      )}
    </div>
  );
}
