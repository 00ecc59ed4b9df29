import { useEffect, useRef } from 'react';

/** A code reader types faster than any hand; common practice, no source. Milliseconds. */
const GAP = 45;
const SHORTEST = 3;

function isText(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, textarea, select') !== null;
}

/**
 * Hears a code reader that types like a keyboard: signs that follow each other faster than a hand, closed by Enter, are one code and none
 * of them is a key of the room. A single key is let through as soon as no other has followed it.
 */
export function useCodeReader(active: boolean, onCode: (code: string) => void) {
  const hear = useRef(onCode);
  hear.current = onCode;
  useEffect(() => {
    if (!active) return;
    const released = new WeakSet<Event>();
    let held: KeyboardEvent[] = [];
    let timer: ReturnType<typeof setTimeout> | undefined;
    const letGo = () => {
      const keys = held;
      held = [];
      for (const { key, code } of keys) {
        const again = new KeyboardEvent('keydown', { key, code, bubbles: true, cancelable: true });
        released.add(again);
        window.dispatchEvent(again);
      }
    };
    const listen = (event: KeyboardEvent) => {
      if (released.has(event) || isText(event.target)) return;
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const ends = event.key === 'Enter';
      if (ends ? held.length < SHORTEST : event.key.length !== 1) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      clearTimeout(timer);
      if (ends) {
        const code = held.map(({ key }) => key).join('');
        held = [];
        hear.current(code.trim());
        return;
      }
      held.push(event);
      timer = setTimeout(letGo, GAP);
    };
    window.addEventListener('keydown', listen, true);
    return () => {
      window.removeEventListener('keydown', listen, true);
      clearTimeout(timer);
    };
  }, [active]);
}
