import { useEffect, useRef } from 'react';
import { useKit, type Side } from './KitContext';

/** Turns the board to the side of the step that is looked at; afterwards F turns it as ever. */
export function useFacing(step: number | null, side: string | null | undefined): void {
  const kit = useKit();
  const look = useRef<{ side: Side; flip: () => void }>({ side: kit.side, flip: kit.flip });
  useEffect(() => {
    look.current = { side: kit.side, flip: kit.flip };
  });
  useEffect(() => {
    if (step !== null && (side === 'top' || side === 'bottom') && side !== look.current.side) look.current.flip();
  }, [step, side]);
}
