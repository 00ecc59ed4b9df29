import { usePointerDrag } from '@/shared/ui';

/** Drags a part from bag to bag. */
export function useBagDrag(onDrop: (part: string, bag: string) => void) {
  return usePointerDrag<string, string>({
    find: (x, y) => document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-bag]')?.dataset['bag'] ?? null,
    onDrop,
  });
}
