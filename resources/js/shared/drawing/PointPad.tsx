import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import styles from './pointpad.module.css';

export type Spot = {
  x: number;
  y: number;
  /** drawn as a round of this many millimetres */ wide?: number;
  name?: string;
};

type Props = {
  label: string;
  /** one point is a `corner`, a `hole` */ one: string;
  /** the paper, millimetres: its left lower corner and its size */ paper: {
    x: number;
    y: number;
    width: number;
    height: number;
  };
  spots: readonly Spot[];
  /** what is there already and is not moved */ still?: readonly Spot[];
  /** points are the corners of an outline */ closed?: boolean;
  /** millimetres between two places a point can have */ grid: number;
  disabled?: boolean;
  onMove: (index: number, x: number, y: number) => void;
  /** a new point, before the one of this number */ onAdd?: (index: number, x: number, y: number) => void;
  onRemove?: (index: number) => void;
};

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** Points on a paper in millimetres, y up: dragged, moved by arrows, added where the paper or an edge is pressed, taken out by Delete. */
export function PointPad({
  label,
  one,
  paper,
  spots,
  still = [],
  closed = false,
  grid,
  disabled = false,
  ...on
}: Props) {
  const drawing = useRef<SVGSVGElement>(null);
  const [held, hold] = useState<number | null>(null);
  const snapped = (value: number) => Math.round(Math.round(value / grid) * grid * 1000) / 1000;
  const round = Math.max(paper.width, paper.height) / 90;
  const place = (event: PointerEvent): [x: number, y: number] => {
    const box = drawing.current?.getBoundingClientRect();
    if (!box || box.width === 0) return [0, 0];
    return [
      snapped(paper.x + ((event.clientX - box.left) / box.width) * paper.width),
      snapped(paper.y + (1 - (event.clientY - box.top) / box.height) * paper.height),
    ];
  };
  const at = ({ x, y }: Spot) => ({ cx: x - paper.x, cy: paper.y + paper.height - y });
  const press = (index: number) => (event: KeyboardEvent) => {
    const spot = spots[index];
    const step = STEPS[event.key];
    if (disabled || !spot) return;
    if (step) on.onMove(index, snapped(spot.x + step[0] * grid), snapped(spot.y + step[1] * grid));
    else if (event.key === 'Delete' || event.key === 'Backspace') on.onRemove?.(index);
    else if (event.key === 'Enter') {
      const next = spots[(index + 1) % spots.length] ?? spot;
      on.onAdd?.(index + 1, snapped((spot.x + next.x) / 2), snapped((spot.y + next.y) / 2));
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <svg
      ref={drawing}
      className={styles['pad']}
      viewBox={`0 0 ${String(paper.width)} ${String(paper.height)}`}
      role="group"
      aria-label={label}
      onPointerMove={(event) => {
        if (held !== null) on.onMove(held, ...place(event));
      }}
      onPointerUp={() => {
        hold(null);
      }}
      onPointerLeave={() => {
        hold(null);
      }}
    >
      <rect
        className={styles['paper']}
        width={paper.width}
        height={paper.height}
        onPointerDown={(event) => {
          if (!disabled && !closed) on.onAdd?.(spots.length, ...place(event));
        }}
      />
      {still.map((spot, index) => (
        <g key={index} className={styles['still']}>
          <circle {...at(spot)} r={(spot.wide ?? round) / 2} />
          <text x={at(spot).cx} y={at(spot).cy} fontSize={round * 2.4}>
            {spot.name}
          </text>
        </g>
      ))}
      {closed &&
        spots.map((spot, index) => {
          const next = spots[(index + 1) % spots.length] ?? spot;
          return (
            <line
              key={index}
              className={styles['edge']}
              strokeWidth={round * 0.7}
              x1={at(spot).cx}
              y1={at(spot).cy}
              x2={at(next).cx}
              y2={at(next).cy}
              onPointerDown={(event) => {
                if (disabled) return;
                on.onAdd?.(index + 1, ...place(event));
                hold(index + 1);
              }}
            />
          );
        })}
      {spots.map((spot, index) => (
        <g key={index}>
          {spot.wide !== undefined && <circle {...at(spot)} r={spot.wide / 2} className={styles['wide']} />}
          <circle
            {...at(spot)}
            r={round}
            className={styles['spot']}
            role="button"
            tabIndex={disabled ? -1 : 0}
            aria-label={`${spot.name ?? `${one} ${String(index + 1)}`} at ${String(spot.x)}, ${String(spot.y)}`}
            onKeyDown={press(index)}
            onPointerDown={(event) => {
              if (!disabled) hold(index);
              event.preventDefault();
              (event.target as SVGElement).focus();
            }}
          />
          {spot.name !== undefined && (
            <text x={at(spot).cx + round * 1.4} y={at(spot).cy} fontSize={round * 2.4} className={styles['name']}>
              {spot.name}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
