import { useMemo, useState, type ReactNode } from 'react';

type Key<T> = (row: T) => string | number;

/** Sorts the rows of a table by its heads; a second press turns the order round. */
export function useSorted<T>(rows: readonly T[], keys: Readonly<Record<string, Key<T>>>): { sorted: readonly T[]; head: (column: string, label: string, numeric?: boolean) => ReactNode } {
  const [by, setBy] = useState<{ column: string; down: boolean } | null>(null);
  const sorted = useMemo(() => {
    const key = by ? keys[by.column] : undefined;
    return key ? [...rows].sort((a, b) => (by?.down ? -1 : 1) * compare(key(a), key(b))) : rows;
  }, [rows, keys, by]);
  const head = (column: string, label: string, numeric = false) => {
    const now = by?.column === column ? (by.down ? ' ↓' : ' ↑') : '';
    return (
      <th key={column} className={numeric ? 'num' : ''} aria-sort={now === '' ? 'none' : by?.down ? 'descending' : 'ascending'}>
        <button type="button" onClick={() => { setBy({ column, down: by?.column === column && !by.down }); }}>{label}{now}</button>
      </th>
    );
  };
  return { sorted, head };
}

function compare(a: string | number, b: string | number): number {
  return typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b), 'en', { numeric: true });
}
