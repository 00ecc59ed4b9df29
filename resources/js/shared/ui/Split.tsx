import { useRef, useState, type CSSProperties, type ReactNode } from 'react';
import ui from '@/shared/ui/ui.module.css';

type Props = { work: ReactNode; pane: ReactNode; start?: number };

/** A work column and the board pane, with a divider that can be dragged or moved by arrow keys. */
export function Split({ work, pane, start = 506 }: Props) {
  const [width, setWidth] = useState(start);
  const box = useRef<HTMLDivElement>(null);
  const limit = (wanted: number) => Math.max(320, Math.min((box.current?.clientWidth ?? 1200) - 420, wanted));
  return (
    <div ref={box} className={ui['station']} style={{ '--pane': `${String(width)}px` } as CSSProperties}>
      <main className={ui['work']}>{work}</main>
      <div
        className={ui['divider']}
        role="slider"
        aria-orientation="horizontal"
        aria-label="Width of the board pane"
        aria-valuenow={width}
        aria-valuemin={320}
        aria-valuemax={900}
        tabIndex={0}
        onKeyDown={(event) => {
          if (event.key === 'ArrowLeft') setWidth(limit(width + 24));
          if (event.key === 'ArrowRight') setWidth(limit(width - 24));
        }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => {
          if (event.buttons !== 1 || !box.current) return;
          setWidth(limit(box.current.getBoundingClientRect().right - event.clientX));
        }}
      />
      <aside className={ui['pane']} aria-label="Board">
        {pane}
      </aside>
    </div>
  );
}
