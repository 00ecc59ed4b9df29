import { PointPad } from '@/shared/drawing';
import { words } from '@/shared/format';
import ink from '@/shared/style/ink.module.css';
import type { Row } from '../model';
import styles from './facts.module.css';

/** Holes move by this, millimetres. */
const GRID = 0.5;

const pair = (text: string | undefined): [number, number] | null => {
  const [x, y] = words(text ?? '').map(Number);
  return x === undefined || y === undefined || Number.isNaN(x) || Number.isNaN(y) ? null : [x, y];
};
const faceOf = (row: Row | undefined): string => `${row?.['by'] ?? ''} ${row?.['face'] ?? ''}`.trim();

type Props = {
  rows: readonly Row[];
  /** the row looked at */ at: number;
  disabled: boolean;
  onPut: (row: number, cell: string, value: string) => void;
};

/** The face of the hole looked at, seen from outside: its holes are dragged, and the one that has no place yet is put where the face is pressed. */
export function HolesPad({ rows, at, disabled, onPut }: Props) {
  const face = faceOf(rows[at]);
  const of = rows.flatMap((row, index) => (face !== '' && faceOf(row) === face ? [{ row, index }] : []));
  const size = of.map(({ row }) => pair(row['size'])).find((each) => each !== null) ?? null;
  if (face === '' || size === null)
    return (
      <p className={ink['quiet']}>Say of a hole which face it is in and how large that is: then it is drawn here.</p>
    );
  const [width, height] = size;
  const placed = of.flatMap(({ row, index }) => {
    const place = pair(row['at']);
    return place === null ? [] : [{ row, index, place }];
  });
  const put = (index: number, x: number, y: number) => {
    onPut(index, 'at', `${String(x)} ${String(y)}`);
  };
  return (
    <div className={styles['holes']}>
      <PointPad
        label={`Holes of ${face}`}
        one="hole"
        paper={{ x: -width / 2, y: -height / 2, width, height }}
        grid={GRID}
        disabled={disabled}
        spots={placed.map(({ row, place: [x, y] }) => ({
          x,
          y,
          name: row['for'] ?? '',
          ...(Number(row['diameter']) > 0 ? { wide: Number(row['diameter']) } : {}),
        }))}
        onMove={(spot, x, y) => {
          const hole = placed[spot];
          if (hole) put(hole.index, x, y);
        }}
        onAdd={(_, x, y) => {
          put(at, x, y);
        }}
      />
      <p className={ink['quiet']}>
        {face}, {String(width)} × {String(height)} mm, seen from outside, from its middle. Press where the hole of the
        row looked at goes; drag it, or move it by the arrow keys.
      </p>
    </div>
  );
}
