import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { useKit } from './KitContext';

/**
 * Opens what an address names: `?part=D1` picks that part, and once the station stands, what holds it (`data-part`, designators
 * apart by blanks) is brought into sight.
 *
 * @returns the part, where the address names one
 */
export function useShowPart(ready: boolean): string | null {
  const { select } = useKit();
  const [search] = useSearchParams();
  const part = search.get('part');
  useEffect(() => {
    if (part) select(part);
  }, [part, select]);
  useEffect(() => {
    if (!ready || !part) return;
    [...document.querySelectorAll<HTMLElement>('[data-part]')]
      .find((each) => each.dataset['part']?.split(' ').includes(part))
      ?.scrollIntoView({ block: 'center' });
  }, [ready, part]);
  return part;
}
