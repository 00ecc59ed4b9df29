import { useEffect, useRef } from 'react';

type KeyMap = Partial<Record<string, (event: KeyboardEvent) => void>>;

/** True while a person types text, when single letters must not act. */
function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  );
}

/** Enter and space on a button or link are that control's own. */
function isControlsOwn(event: KeyboardEvent): boolean {
  return (
    (event.key === 'Enter' || event.key === ' ') &&
    event.target instanceof Element &&
    event.target.closest('button, a') !== null
  );
}

/** Single keys of a room. Keys with Control, Alt or Meta are written `Control+z`, `Alt+ArrowUp`. */
export function useKeys(map: KeyMap): void {
  const latest = useRef(map);
  useEffect(() => {
    latest.current = map;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || isTyping(event.target) || isControlsOwn(event)) return;
      const name = `${event.ctrlKey || event.metaKey ? 'Control+' : ''}${event.altKey ? 'Alt+' : ''}${event.key}`;
      const act = latest.current[name];
      if (act) {
        event.preventDefault();
        act(event);
      }
    };
    window.addEventListener('keydown', listen);
    return () => {
      window.removeEventListener('keydown', listen);
    };
  }, []);
}
