import { usePointerDrag } from '@/shared/ui';
import type { Grip, Target } from './model';

function targetAt(x: number, y: number, wholeStep: boolean): Target | null {
  const row = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-step]');
  if (!row) return null;
  const index = Number(row.dataset['step']);
  const box = row.getBoundingClientRect();
  const part = (y - box.top) / box.height;
  if (row.dataset['solder'] !== undefined && !wholeStep && part > 0.28 && part < 0.72)
    return { kind: 'into', step: index };
  return { kind: 'gap', before: part < 0.5 ? index : index + 1 };
}

type Handlers = {
  onTarget: (grip: Grip, target: Target) => void;
  onDrop: (grip: Grip, target: Target) => void;
  onCancel: () => void;
};

/** Drags a step or a part between steps, or into one. */
export function useDrag(handlers: Handlers) {
  return usePointerDrag<Grip, Target>({ find: (x, y, grip) => targetAt(x, y, grip.parts.length > 1), ...handlers });
}
