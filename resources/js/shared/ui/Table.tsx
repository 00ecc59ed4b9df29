import MuiTable from '@mui/material/Table';
import type { TableHTMLAttributes } from 'react';

export { default as TableBody } from '@mui/material/TableBody';
export { default as TableHead } from '@mui/material/TableHead';
export { default as TableRow } from '@mui/material/TableRow';
export { default as TableCell } from '@mui/material/TableCell';

/** A table of words and numbers, dense. */
export function Table({ className = 'table', ...rest }: TableHTMLAttributes<HTMLTableElement>) {
  return <MuiTable size="small" className={className} {...rest} />;
}
