import { useEffect, useRef, useState } from 'react';
import type { Grip, Target } from './model';

const SLACK = 5;

function targetAt(x: number, y: number, wholeStep: boolean): Target | null {
  const row = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-step]');
  if (!row) return null;
  const index = Number(row.dataset['step']);
  const box = row.getBoundingClientRect();
  const part = (y - box.top) / box.height;
  if (row.dataset['solder'] !== undefined && !wholeStep && part > 0.28 && part < 0.72) return { kind: 'into', step: index };
  return { kind: 'gap', before: part < 0.5 ? index : index + 1 };
}

function same(a: Target | null, b: Target | null): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

type Handlers = { onTarget: (grip: Grip, target: Target) => void; onDrop: (grip: Grip, target: Target) => void; onCancel: () => void };

/** Drags a step or a part with the pointer; the place under it is told as it changes. */
export function useDrag(handlers: Handlers) {
  const [grip, setGrip] = useState<Grip | null>(null);
  const [target, setTarget] = useState<Target | null>(null);
  const state = useRef<{ grip: Grip; x: number; y: number; moving: boolean; target: Target | null } | null>(null);
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
      if (drop && now.target) latest.current.onDrop(now.grip, now.target);
      else latest.current.onCancel();
    };
    const move = (event: PointerEvent) => {
      const now = state.current;
      if (!now) return;
      if (!now.moving) {
        if (Math.hypot(event.clientX - now.x, event.clientY - now.y) < SLACK) return;
        now.moving = true;
        setGrip(now.grip);
      }
      const found = targetAt(event.clientX, event.clientY, now.grip.parts.length > 1);
      if (same(found, now.target)) return;
      now.target = found;
      setTarget(found);
      if (found) latest.current.onTarget(now.grip, found);
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
  const start = (grip: Grip, x: number, y: number) => {
    state.current = { grip, x, y, moving: false, target: null };
  };
  return { grip, target, start };
}
