/** The grid in the house's look: paper and hairlines, no box of its own. */
export const look = {
  border: 0,
  borderRadius: 0,
  font: 'inherit',
  fontSize: 13,
  color: 'inherit',
  '--DataGrid-rowBorderColor': 'var(--rule)',
  '--DataGrid-t-color-border-base': 'var(--rule)',
  '--DataGrid-t-header-background-base': 'var(--paper)',
  '--DataGrid-t-color-background-base': 'var(--paper)',
  '& .MuiDataGrid-columnHeaderTitle': { fontWeight: 500, color: 'var(--ink2)' },
  '& .MuiDataGrid-columnHeaders': { borderBottom: '1px solid var(--ink)' },
  '& .MuiDataGrid-cell': { borderColor: 'var(--rule)' },
  '& .MuiDataGrid-cell--textRight': { fontVariantNumeric: 'tabular-nums' },
  '& .MuiDataGrid-row': { cursor: 'default' },
  '& .MuiDataGrid-row.Mui-selected, & .MuiDataGrid-row.Mui-selected:hover': {
    background: 'var(--white)',
    boxShadow: 'inset 3px 0 var(--copper)',
  },
  // In line with the head of the room.
  '& .MuiDataGrid-columnHeader[data-colindex="0"], & .MuiDataGrid-cell[data-colindex="0"]': { paddingLeft: '24px' },
  '& .MuiDataGrid-columnHeader[aria-colindex="1"]': { paddingLeft: '24px' },
  '& .MuiDataGrid-columnSeparator': { color: 'var(--rule)' },
} as const;
