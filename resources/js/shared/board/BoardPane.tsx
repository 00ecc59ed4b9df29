import { useEffect, useRef } from 'react';
import type { BoardDrawing } from '@/shared/api';
import { Drawing } from '@/shared/drawing';
import type { Side } from '@/shared/kit';
import { usePaint } from './usePaint';
import { clsx } from 'clsx';
import styles from './board.module.css';

type Props = {
  board: BoardDrawing;
  side: Side;
  /** parts to show in full light; null lights none */
  lit: ReadonlySet<string> | null;
  /** parts already fitted; null shows every body */
  fitted: ReadonlySet<string> | null;
  onPick?: (designator: string) => void;
  /** parts that a pressed pointer went over */ onPaint?: ((parts: readonly string[]) => void) | undefined;
  shade?: ReadonlyMap<string, number> | null;
  /** drawn over the board by the server, in its coordinates */
  over?: string;
  className?: string | undefined;
};

/** The one drawing of the board, drawn by the server; parts are lit, faded or shaded here. */
export function BoardPane({ board, side, lit, fitted, onPick, onPaint, shade = null, over = '', className }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const svg = side === 'top' ? board.top : board.bottom;
  useEffect(() => {
    for (const part of box.current?.querySelectorAll<SVGGElement>('[data-ref]') ?? []) {
      const name = part.dataset['ref'] ?? '';
      part.classList.toggle('lit', lit?.has(name) ?? false);
      part.classList.toggle('ghost', fitted !== null && !fitted.has(name) && !(lit?.has(name) ?? false));
      part.classList.toggle('dim', lit !== null && !lit.has(name));
      part.style.setProperty('--shade', shade ? String(0.25 + 0.75 * (shade.get(name) ?? 0)) : '');
      part.classList.toggle('shaded', shade !== null);
    }
  }, [svg, lit, fitted, shade]);
  useEffect(() => {
    const drawing = box.current?.querySelector('svg');
    if (!drawing || over === '') return undefined;
    const group = document.createElementNS('http://www.w3.org/2000/svg', 'g');
    group.setAttribute('class', 'approach');
    group.innerHTML = over;
    drawing.append(group);
    return () => {
      group.remove();
    };
  }, [svg, over]);
  const paint = usePaint(onPaint);
  return (
    <Drawing
      key={`${board.name} ${side}`}
      svg={svg}
      box={box}
      className={clsx(styles['boardpane'], onPick && styles['picks'], onPaint && styles['paints'], className)}
      handlers={paint}
      onPick={onPick}
    />
  );
}
