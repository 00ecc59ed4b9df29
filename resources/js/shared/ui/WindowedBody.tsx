import MuiTableBody from '@mui/material/TableBody';
import type { ReactNode } from 'react';
import { useRowWindow } from './useRowWindow';

type Props = {
  count: number;
  at: number;
  box: HTMLElement | null;
  columns: number;
  /** of one row, in px */ height?: number;
  row: (index: number) => ReactNode;
};

/** The body of a table of which only the rows near the window are drawn. */
export function WindowedBody({ count, at, box, columns, height = 25, row }: Props) {
  const { indexes, before, after } = useRowWindow({ count, height, box, at });
  return (
    <MuiTableBody>
      <Gap columns={columns} height={before} />
      {indexes.map(row)}
      <Gap columns={columns} height={after} />
    </MuiTableBody>
  );
}

function Gap({ columns, height }: { columns: number; height: number }) {
  if (height <= 0) return null;
  return (
    <tr aria-hidden="true">
      <td colSpan={columns} style={{ height, padding: 0, border: 0 }} />
    </tr>
  );
}
