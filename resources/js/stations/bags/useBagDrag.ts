import { useEffect, useRef, useState } from 'react';

const SLACK = 5;

/** Drags a part with the pointer from bag to bag; Escape leaves it where it was. */
export function useBagDrag(onDrop: (part: string, bag: string) => void) {
  const [part, setPart] = useState<string | null>(null);
  const [target, setTarget] = useState<string | null>(null);
  const state = useRef<{ part: string; x: number; y: number; moving: boolean; target: string | null } | null>(null);
  const latest = useRef(onDrop);
  useEffect(() => {
    latest.current = onDrop;
  });
  useEffect(() => {
    const end = (drop: boolean) => {
      const now = state.current;
      state.current = null;
      setPart(null);
      setTarget(null);
      if (drop && now?.moving && now.target) latest.current(now.part, now.target);
    };
    const move = (event: PointerEvent) => {
      const now = state.current;
      if (!now) return;
      if (!now.moving && Math.hypot(event.clientX - now.x, event.clientY - now.y) < SLACK) return;
      now.moving = true;
      setPart(now.part);
      now.target = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-bag]')?.dataset['bag'] ?? null;
      setTarget(now.target);
    };
    const up = () => { end(true); };
    const key = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && state.current?.moving) {
        event.preventDefault();
        end(false);
      }
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('keydown', key, true);
    return () => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('keydown', key, true);
    };
  }, []);
  const start = (name: string, x: number, y: number) => {
    state.current = { part: name, x, y, moving: false, target: null };
  };
  return { part, target, start };
}
