import { useRef, type PointerEvent } from 'react';

const nameAt = (x: number, y: number): string | undefined =>
  document.elementFromPoint(x, y)?.closest<SVGElement>('[data-ref]')?.dataset['ref'];

/** Collects the parts a pressed pointer goes over, each once; told when it is let go. A press that stays on one part is a plain pick. */
export function usePaint(onPaint: ((parts: readonly string[]) => void) | undefined) {
  const over = useRef<Set<string> | null>(null);
  if (onPaint === undefined) return {};
  return {
    onPointerDown: (event: PointerEvent) => {
      const name = nameAt(event.clientX, event.clientY);
      over.current = new Set(name === undefined ? [] : [name]);
    },
    onPointerMove: (event: PointerEvent) => {
      const name = over.current === null ? undefined : nameAt(event.clientX, event.clientY);
      if (name !== undefined) over.current?.add(name);
    },
    onPointerUp: () => {
      const painted = over.current;
      over.current = null;
      if (painted !== null && painted.size > 1) onPaint([...painted]);
    },
    onPointerLeave: () => {
      over.current = null;
    },
  };
}
