import MuiTableCell from '@mui/material/TableCell';
import TableSortLabel from '@mui/material/TableSortLabel';
import { clsx } from 'clsx';
import ui from './ui.module.css';

type Way = 'ascending' | 'descending' | 'none';
type Props = {
  label: string;
  way: Way;
  numeric?: boolean | undefined;
  className?: string | undefined;
  onSort: () => void;
};

/** The head of a column by which a table is sorted. */
export function SortHead({ label, way, numeric = false, className, onSort }: Props) {
  return (
    <MuiTableCell component="th" scope="col" className={clsx(numeric && ui['num'], className)} aria-sort={way}>
      <TableSortLabel
        active={way !== 'none'}
        direction={way === 'descending' ? 'desc' : 'asc'}
        hideSortIcon
        onClick={onSort}
      >
        {label}
      </TableSortLabel>
    </MuiTableCell>
  );
}
