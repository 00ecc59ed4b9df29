import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect } from 'react';

/** Up to here every row is drawn: the page's own find, a print and a screen reader see them all. */
const WHOLE = 150;
const AHEAD = 12;

type Wanted = {
  count: number;
  /** of a row before it is drawn, in px */ height: number;
  /** what scrolls, once it is there; a state and not a ref, so that the rows hear of it */ box: HTMLElement | null;
  /** the row looked at, kept in sight; -1 for none */ at: number;
};

/**
 * The rows of a long list that are near the window. Those before and after are left out; `before` and `after` are their heights
 * in px. A row that is drawn says `data-index` and gives itself to `measure`.
 */
export function useRowWindow({ count, height, box, at }: Wanted) {
  const whole = count <= WHOLE;
  const rows = useVirtualizer({
    count: whole ? 0 : count,
    getScrollElement: () => box,
    estimateSize: () => height,
    overscan: AHEAD,
  });
  useEffect(() => {
    if (at < 0) return;
    if (whole) box?.querySelector(`[data-index="${String(at)}"]`)?.scrollIntoView({ block: 'nearest' });
    else rows.scrollToIndex(at, { align: 'auto' });
    // The list follows the row looked at, not every change of itself.
  }, [at, whole, box]);
  if (whole) return { indexes: Array.from({ length: count }, (_, index) => index), before: 0, after: 0 };
  const items = rows.getVirtualItems();
  return {
    indexes: items.map((item) => item.index),
    before: items[0]?.start ?? 0,
    after: rows.getTotalSize() - (items.at(-1)?.end ?? 0),
    measure: rows.measureElement,
  };
}
