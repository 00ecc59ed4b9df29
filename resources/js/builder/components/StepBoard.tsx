import { useEffect, useRef, useState } from 'react';
import type { BoardDrawing } from '@/shared/api';
import { BoardPane } from '@/shared/board/BoardPane';
import { usePhrases } from '../phrases';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Side = 'top' | 'bottom';
type Props = { board: BoardDrawing; first: Side; lit: ReadonlySet<string>; fitted: ReadonlySet<string> };

const ROOM = 4;

/** The board of a step: turned over by one button, looked at closely by another. */
export function StepBoard({ board, first, lit, fitted }: Props) {
  const t = usePhrases();
  const [side, setSide] = useState<Side>(first);
  const [near, setNear] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  const names = [...lit].join(' ');
  useEffect(() => {
    const svg = box.current?.querySelector('svg');
    if (!svg) return;
    const whole = svg.dataset['whole'] ?? svg.getAttribute('viewBox') ?? '';
    svg.dataset['whole'] = whole;
    svg.setAttribute('viewBox', near ? (closeUp(svg, names.split(' ')) ?? whole) : whole);
  }, [near, side, names, board]);
  return (
    <div className={styles['stepboard']}>
      <div ref={box}>
        <BoardPane className={styles['drawing']} board={board} side={side} lit={lit} fitted={fitted} />
      </div>
      <p>
        <span className={clsx(ink['quiet'], styles['quiet'])}>{side === 'top' ? t.topSide : t.bottomSide}</span>
        <button
          type="button"
          className={styles['link']}
          aria-pressed={near}
          onClick={() => {
            setNear(!near);
          }}
        >
          {near ? t.wholeBoard : t.closer}
        </button>
        <button
          type="button"
          className={styles['link']}
          onClick={() => {
            setSide(side === 'top' ? 'bottom' : 'top');
          }}
        >
          {t.turnOver}
        </button>
      </p>
    </div>
  );
}

/** The part of the drawing around the lit parts, in its own shape. */
function closeUp(svg: SVGSVGElement, names: readonly string[]): string | null {
  const boxes = names
    .flatMap((name) => [...svg.querySelectorAll<SVGGElement>(`[data-ref="${CSS.escape(name)}"]`)])
    .map((part) => part.getBBox());
  const [, , width = 1, height = 1] = (svg.dataset['whole'] ?? '').split(' ').map(Number);
  if (boxes.length === 0) return null;
  const left = Math.min(...boxes.map((each) => each.x)) - ROOM;
  const top = Math.min(...boxes.map((each) => each.y)) - ROOM;
  const wide = Math.max(...boxes.map((each) => each.x + each.width)) + ROOM - left;
  const tall = Math.max(...boxes.map((each) => each.y + each.height)) + ROOM - top;
  const scale = Math.max(wide / width, tall / height, 0.25);
  return [left - (width * scale - wide) / 2, top - (height * scale - tall) / 2, width * scale, height * scale]
    .map((value) => value.toFixed(2))
    .join(' ');
}
