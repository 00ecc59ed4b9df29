export { ServerGrid } from './ServerGrid';
export type { GridColDef } from '@mui/x-data-grid';
