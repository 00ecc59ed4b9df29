import type { BoardDrawing, BoardPart } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Segment, Segments, Select } from '@/shared/ui';
import { BoardSize } from './BoardSize';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './board-station.module.css';

const COLOURS = [
  { field: 'mask', name: 'mask', choices: ['green', 'blue', 'black', 'red', 'white', 'purple', 'yellow'] },
  { field: 'silk', name: 'print', choices: ['white', 'black', 'yellow'] },
] as const;
const READINGS = [0, 90, 180, 270] as const;
const PADS: readonly { kind: string; name: string; choices: readonly string[] }[] = [
  { kind: 'led', name: 'LED', choices: ['cathode', 'anode'] },
  { kind: 'ic', name: 'IC and socket', choices: ['pin 1'] },
  { kind: 'electrolytic', name: 'electrolytic', choices: ['positive', 'negative'] },
  { kind: 'diode', name: 'diode', choices: ['cathode', 'anode'] },
];

type Props = { board: BoardDrawing; parts: readonly (readonly [string, BoardPart])[] };

/** The direction the board is read in, its colours, and what a square pad means on it. */
export function BoardFacts({ board, parts }: Props) {
  const kit = useKit();
  const pads = board.squarePad as Record<string, string>;
  const meanings = new Set(Object.values(pads));
  return (
    <div className={styles['boardfacts']}>
      <div className={styles['facts2']}>
        <div>
          <h2>Read with this edge up</h2>
          <Segments label="Reading direction">
            {READINGS.map((turn) => (
              <Segment
                key={turn}
                pressed={board.reading === turn}
                disabled={!kit.mayEdit || kit.saving}
                onPress={() => {
                  void kit.save([{ type: 'board', target: board.name, field: 'reading', value: turn }]);
                }}
              >
                {turn === 0 ? 'as drawn' : `${String(turn)}°`}
              </Segment>
            ))}
          </Segments>
        </div>
        <div>
          <h2>Colours of the board</h2>
          <div className={styles['pads']}>
            {COLOURS.map((colour) => (
              <label key={colour.field}>
                {colour.name}{' '}
                <Select
                  className={clsx(ui['filter'], styles['filter'])}
                  value={board[colour.field]}
                  disabled={!kit.mayEdit || kit.saving}
                  onChange={(event) => {
                    void kit.save([
                      {
                        type: 'board',
                        target: board.name,
                        field: colour.field,
                        value: event.target.value === '' ? null : event.target.value,
                      },
                    ]);
                  }}
                >
                  <option value="">usual</option>
                  {colour.choices.map((choice) => (
                    <option key={choice} value={choice}>
                      {choice}
                    </option>
                  ))}
                </Select>
              </label>
            ))}
          </div>
        </div>
        <div>
          <h2 title="IEC 61188-7: at A pin 1 lies upper left, or left of two; at B lower left, or below">
            Rotations count from
          </h2>
          <Segments label="Zero orientation">
            {(['A', 'B'] as const).map((level) => (
              <Segment
                key={level}
                pressed={(board.zeroOrientation ?? 'A') === level}
                disabled={!kit.mayEdit || kit.saving}
                onPress={() => {
                  void kit.save([
                    {
                      type: 'board',
                      target: board.name,
                      field: 'zeroOrientation',
                      value: level === 'A' ? null : level,
                    },
                  ]);
                }}
              >
                {level === 'A' ? 'A, pin 1 upper left' : 'B, pin 1 lower left'}
              </Segment>
            ))}
          </Segments>
        </div>
        <BoardSize board={board} parts={parts} />
        <div>
          <h2>
            A square pad means{' '}
            {meanings.size > 1 && <span className={ink['ochre']}>▲ differs between kinds; the manual warns</span>}
          </h2>
          <div className={styles['pads']}>
            {PADS.map((pad) => (
              <label key={pad.kind}>
                {pad.name}{' '}
                <Select
                  className={clsx(ui['filter'], styles['filter'])}
                  value={pads[pad.kind] ?? ''}
                  disabled={!kit.mayEdit || kit.saving}
                  onChange={(event) => {
                    void kit.save([
                      {
                        type: 'board',
                        target: board.name,
                        field: `squarePad.${pad.kind}`,
                        value: event.target.value === '' ? null : event.target.value,
                      },
                    ]);
                  }}
                >
                  <option value="">not said</option>
                  {pad.choices.map((choice) => (
                    <option key={choice} value={choice}>
                      {choice}
                    </option>
                  ))}
                  {pads[pad.kind] !== undefined && !pad.choices.includes(pads[pad.kind] ?? '') && (
                    <option value={pads[pad.kind]}>{pads[pad.kind]}</option>
                  )}
                </Select>
              </label>
            ))}
          </div>
        </div>
      </div>
    </div>
  );
}
