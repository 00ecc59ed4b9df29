import { useEffect, useRef, useState } from 'react';

const SLACK = 5;

type Handlers<G, T> = {
  /** the place under the pointer, if it is one */
  find: (x: number, y: number, grip: G) => T | null;
  onTarget?: (grip: G, target: T) => void;
  onDrop: (grip: G, target: T) => void;
  onCancel?: () => void;
};

/** Drags something with the pointer; the place under it is told as it changes, Escape leaves everything where it was. */
export function usePointerDrag<G, T>(handlers: Handlers<G, T>) {
  const [grip, setGrip] = useState<G | null>(null);
  const [target, setTarget] = useState<T | null>(null);
  const state = useRef<{ grip: G; x: number; y: number; moving: boolean; target: T | null } | null>(null);
  const latest = useRef(handlers);
  useEffect(() => {
    latest.current = handlers;
  });
  useEffect(() => {
    const end = (drop: boolean) => {
      const now = state.current;
      state.current = null;
      setGrip(null);
      setTarget(null);
      if (!now?.moving) return;
      if (drop && now.target !== null) latest.current.onDrop(now.grip, now.target);
      else latest.current.onCancel?.();
    };
    const move = (event: PointerEvent) => {
      const now = state.current;
      if (!now) return;
      if (!now.moving) {
        if (Math.hypot(event.clientX - now.x, event.clientY - now.y) < SLACK) return;
        now.moving = true;
        setGrip(() => now.grip);
      }
      const found = latest.current.find(event.clientX, event.clientY, now.grip);
      if (JSON.stringify(found) === JSON.stringify(now.target)) return;
      now.target = found;
      setTarget(() => found);
      if (found !== null) latest.current.onTarget?.(now.grip, found);
    };
    const up = () => {
      end(true);
    };
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
  const start = (what: G, x: number, y: number) => {
    state.current = { grip: what, x, y, moving: false, target: null };
  };
  return { grip, target, start };
}
