import { useLayoutEffect, useRef, useState } from 'react';
import styles from './bags.module.css';

const BOW = 34;

/** Ties drawn from a part to the look-alikes it must not meet. */
export function Ties({ from, to }: { from: string | null; to: readonly string[] }) {
  const box = useRef<SVGSVGElement>(null);
  const [lines, setLines] = useState<readonly { key: string; d: string }[]>([]);
  const names = to.join(' ');
  useLayoutEffect(() => {
    const room = box.current?.parentElement;
    const start = room?.querySelector<HTMLElement>(`[data-part="${from ?? ''}"]`);
    if (!room || !start) {
      setLines([]);
      return;
    }
    const origin = room.getBoundingClientRect();
    const at = (element: HTMLElement) => {
      const place = element.getBoundingClientRect();
      return { x: place.left - origin.left, y: place.top + place.height / 2 - origin.top };
    };
    const a = at(start);
    setLines(
      names.split(' ').flatMap((name) => {
        const end = room.querySelector<HTMLElement>(`[data-part="${name}"]`);
        if (!end) return [];
        const b = at(end);
        // A bow beside the parts, so that no word is struck through.
        const bow = Math.min(a.x, b.x) - BOW;
        return [
          {
            key: name,
            d: `M${String(a.x)} ${String(a.y)}C${String(bow)} ${String(a.y)} ${String(bow)} ${String(b.y)} ${String(b.x)} ${String(b.y)}`,
          },
        ];
      }),
    );
  }, [from, names]);
  return (
    <svg ref={box} className={styles['ties']} aria-hidden="true">
      {lines.map((line) => (
        <path key={line.key} d={line.d} />
      ))}
    </svg>
  );
}
