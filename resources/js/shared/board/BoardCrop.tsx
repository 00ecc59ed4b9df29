import { useEffect, useRef } from 'react';
import type { BoardDrawing } from '@/shared/api';
import type { Side } from '@/shared/kit';
import { clsx } from 'clsx';
import styles from './board.module.css';

type Props = {
  board: BoardDrawing;
  side: Side;
  crop: readonly number[];
  arrow: readonly number[] | null;
  part: string;
  className?: string | undefined;
};

/** A piece of the board drawing around one part, as the builder holds the board, with an arrow at its mark. */
export function BoardCrop({ board, side, crop, arrow, part, className }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const svg = side === 'top' ? board.top : board.bottom;
  useEffect(() => {
    const drawing = box.current?.querySelector('svg');
    if (!drawing) return;
    drawing.setAttribute('viewBox', crop.join(' '));
    drawing.setAttribute('aria-label', `${part} on the board`);
    for (const each of drawing.querySelectorAll<SVGGElement>('[data-ref]')) {
      each.classList.toggle('lit', each.dataset['ref'] === part);
      each.classList.toggle('ghost', each.dataset['ref'] !== part);
    }
    if (arrow && !drawing.querySelector('.pointer')) {
      const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = arrow;
      const length = Math.hypot(x2 - x1, y2 - y1);
      const [ux, uy] = [(x2 - x1) / length, (y2 - y1) / length];
      const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
      path.setAttribute('class', 'pointer');
      path.setAttribute(
        'd',
        `M${String(x1)} ${String(y1)}L${String(x2)} ${String(y2)}M${String(x2 - ux * 1.3 - uy)} ${String(y2 - uy * 1.3 + ux)}L${String(x2)} ${String(y2)}L${String(x2 - ux * 1.3 + uy)} ${String(y2 - uy * 1.3 - ux)}`,
      );
      drawing.append(path);
    }
  }, [svg, crop, arrow, part]);
  // Our own drawing, made by the server from numbers and escaped names.
  return (
    <div
      ref={box}
      key={`${board.name} ${side} ${part}`}
      className={clsx(styles['boardpane'], styles['boardcrop'], className)}
      dangerouslySetInnerHTML={{ __html: svg }}
    />
  );
}
