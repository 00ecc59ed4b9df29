import { useEffect, useState, type RefObject } from 'react';

/** True once the element came near the window; what is costly to draw waits for that. Without an observer it is true at once. */
export function useSeen(box: RefObject<Element | null>): boolean {
  const [seen, setSeen] = useState(typeof IntersectionObserver === 'undefined');
  useEffect(() => {
    if (seen || !box.current) return undefined;
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) setSeen(true);
      },
      { rootMargin: '300px' },
    );
    observer.observe(box.current);
    return () => {
      observer.disconnect();
    };
  }, [seen, box]);
  return seen;
}
