import {
  DataGrid,
  type GridCellParams,
  type GridColDef,
  type GridColumnVisibilityModel,
  type GridRowId,
  type GridRowParams,
  type GridValidRowModel,
  useGridApiRef,
} from '@mui/x-data-grid';
import { useEffect, useState } from 'react';
import type { Wanted } from '@/shared/api';
import { isObject, keep, recall } from '@/shared/keep';
import { nonce } from '@/shared/style/nonce';
import { usePhone } from '../usePhone';
import { look } from './look';

type Props<Row extends GridValidRowModel> = {
  /** the columns chosen are kept on this device under this name */ name: string;
  label: string;
  columns: readonly GridColDef<Row>[];
  rows: readonly Row[];
  total: number;
  wanted: Wanted;
  onWanted: (wanted: Wanted) => void;
  idOf: (row: Row) => GridRowId;
  /** words in place of rows, where there are none */ none: string;
  chosen?: GridRowId | null;
  onChoose?: (row: Row) => void;
  height?: number;
  /** columns left out on the phone until somebody chooses them */ wide?: readonly string[];
};

const ROWS = [25, 50, 100];

function isShown(value: unknown): value is GridColumnVisibilityModel {
  return isObject(value) && Object.values(value).every((each) => typeof each === 'boolean');
}

/** A long list in pages of the server: sorted and searched there, its columns chosen here and remembered. */
export function ServerGrid<Row extends GridValidRowModel>(props: Props<Row>) {
  const {
    name,
    label,
    columns,
    rows,
    total,
    wanted,
    onWanted,
    idOf,
    none,
    chosen = null,
    onChoose,
    height = 28,
    wide = [],
  } = props;
  const kept = `columns ${name}`;
  const phone = usePhone();
  const [chosenColumns, setShown] = useState(() => recall<GridColumnVisibilityModel | null>(kept, isShown, null));
  const shown = chosenColumns ?? (phone ? Object.fromEntries(wide.map((field) => [field, false])) : {});
  const api = useGridApiRef();
  const at = chosen === null ? -1 : rows.findIndex((row) => idOf(row) === chosen);
  useEffect(() => {
    if (at >= 0) api.current?.scrollToIndexes({ rowIndex: at });
  }, [at, api]);
  const down = wanted.sort.startsWith('-');
  const sorted = wanted.sort.replace('-', '');
  return (
    <DataGrid
      aria-label={label}
      apiRef={api}
      sx={look}
      nonce={nonce}
      columns={columns}
      rows={rows}
      rowCount={total}
      getRowId={idOf}
      rowHeight={height}
      columnHeaderHeight={32}
      paginationMode="server"
      pageSizeOptions={ROWS}
      paginationModel={{ page: wanted.page - 1, pageSize: wanted.rows }}
      onPaginationModelChange={(model) => {
        const same = model.pageSize === wanted.rows;
        onWanted({ ...wanted, rows: model.pageSize, page: same ? model.page + 1 : 1 });
      }}
      sortingMode="server"
      sortingOrder={['asc', 'desc']}
      sortModel={sorted === '' ? [] : [{ field: sorted, sort: down ? 'desc' : 'asc' }]}
      onSortModelChange={([by]) => {
        onWanted({ ...wanted, page: 1, sort: by ? `${by.sort === 'desc' ? '-' : ''}${by.field}` : '' });
      }}
      filterMode="server"
      disableColumnFilter
      columnVisibilityModel={shown}
      onColumnVisibilityModelChange={(model) => {
        setShown(model);
        keep(kept, model);
      }}
      rowSelectionModel={{ type: 'include', ids: new Set(chosen === null ? [] : [chosen]) }}
      disableMultipleRowSelection
      hideFooterSelectedRowCount
      hideFooter={total <= (ROWS[0] ?? 0)}
      onRowClick={({ row }: GridRowParams<Row>) => onChoose?.(row)}
      onCellKeyDown={({ row }: GridCellParams<Row>, event) => {
        if (event.key === 'Enter') onChoose?.(row);
      }}
      localeText={{ noRowsLabel: none }}
    />
  );
}
