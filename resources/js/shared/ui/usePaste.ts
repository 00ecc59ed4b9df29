import { useEffect, useRef } from 'react';

/** Calls back with text pasted outside of fields; true says that it was taken. */
export function usePaste(take: (text: string) => boolean): void {
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const inField =
        event.target instanceof Element && event.target.closest('input, textarea, select, [contenteditable]') !== null;
      const text = event.clipboardData?.getData('text/plain') ?? '';
      if (!inField && text !== '' && latest.current(text)) event.preventDefault();
    };
    document.addEventListener('paste', onPaste);
    return () => {
      document.removeEventListener('paste', onPaste);
    };
  }, []);
}
