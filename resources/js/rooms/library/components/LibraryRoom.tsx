import { useSearchParams } from 'react-router';
import {
  allRows,
  api,
  useGiveToDrafts,
  useLibrary,
  useLibraryPart,
  useMe,
  type LibraryPart,
  type Wanted,
} from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { FilterField, Button, Marking, Notice, TableActions, useWanted, Loading, Refusal } from '@/shared/ui';
import { ServerGrid, type GridColDef } from '@/shared/ui/grid';
import { originText, usedText } from '../model';
import { PartForm } from './PartForm';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './library.module.css';

const NONE: readonly LibraryPart[] = [];

const COLUMNS: readonly GridColDef<LibraryPart>[] = [
  {
    field: 'title',
    headerName: 'part',
    flex: 2,
    minWidth: 160,
    valueGetter: (_, row) => `${row.id === null ? '' : '■ '}${row.title}`,
  },
  { field: 'kind', headerName: 'kind', width: 150, valueGetter: (_, row) => row.kindName },
  {
    field: 'marking',
    headerName: 'marking',
    width: 150,
    sortable: false,
    renderCell: ({ row }) => <Marking marking={row.marking} />,
  },
  { field: 'number', headerName: 'number', width: 120, cellClassName: ink['m'] ?? '' },
  {
    field: 'height',
    headerName: 'mm',
    width: 84,
    align: 'right',
    headerAlign: 'right',
    valueFormatter: (value: number | null) => (value === null ? '' : value.toFixed(1)),
  },
  {
    field: 'heightSource',
    headerName: 'height from',
    width: 130,
    sortable: false,
    valueGetter: (_, row) => originText(row, 'height') || row.heightSource,
  },
  { field: 'used', headerName: 'used in', flex: 3, minWidth: 160, valueGetter: (_, row) => usedText(row) },
];

async function table(wanted: Wanted): Promise<string[][]> {
  const parts = await allRows<LibraryPart>(wanted, async (query) => {
    const { data: page } = await api.get('/library', { params: { query } });
    return { rows: page?.parts ?? [], total: page?.total ?? 0 };
  });
  return [
    ['part', 'kind', 'number', 'height mm', 'origin', 'note', 'used in'],
    ...parts.map((row) => [
      row.title,
      row.kindName,
      row.number ?? '',
      row.height === null ? '' : String(row.height),
      row.heightSource,
      row.note,
      usedText(row),
    ]),
  ];
}

/** Every part of every kit once: own number, height and mass with their origin, direction, look-alikes, a photo. */
export function LibraryRoom() {
  const { wanted, want, text, setText } = useWanted();
  const library = useLibrary(wanted);
  const me = useMe();
  const give = useGiveToDrafts();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('part');
  const rows = library.data?.parts ?? NONE;
  const at = rows.findIndex((part) => part.fingerprint === chosen);
  // A part opened from a kit may stand on another page.
  const part = useLibraryPart(chosen).data ?? null;
  const go = (row: LibraryPart | undefined) => {
    if (row) setSearch({ part: row.fingerprint }, { replace: true });
  };
  useKeys({
    ArrowDown: () => {
      go(rows[Math.min(rows.length - 1, at + 1)]);
    },
    ArrowUp: () => {
      go(rows[at < 0 ? rows.length - 1 : Math.max(0, at - 1)]);
    },
    Escape: () => {
      setSearch({}, { replace: true });
    },
  });
  if (library.error) return <Notice title="The library cannot be shown" text={library.error.message} />;
  if (!library.data) return <Loading what="Reading the parts of all kits" />;
  const mayEdit = me.data?.abilities.includes('edit-kits') ?? false;
  const shown = library.data;
  return (
    <main className={clsx(ui['room'], styles['libraryroom'])}>
      <div className={ui['roomhead']}>
        <h1>Library</h1>
        <span className={ink['quiet']}>
          {shown.inAll} parts of all kits, {shown.own} with words of yours
        </span>
        <FilterField id="library-filter" label="Filter parts" placeholder="Filter" value={text} onChange={setText} />
        <span className={ui['end']}>
          <TableActions name="parts library" rows={() => table(wanted)} />
          {mayEdit && (
            <Button
              look="primary"
              disabled={give.isPending}
              title="Drafts take what they do not say themselves; Undo takes it back"
              onClick={() => {
                give.mutate();
              }}
            >
              Give to the drafts
            </Button>
          )}
        </span>
      </div>
      {give.error && <Refusal>{give.error.message}</Refusal>}
      {give.data && (
        <p className={styles['said']} role="status">
          {give.data.taken.length === 0
            ? 'The drafts say all of it themselves already.'
            : `Taken by ${give.data.taken.join(', ')}.`}
        </p>
      )}
      <div className={part ? styles['two'] : clsx(styles['two'], styles['one'])}>
        <div className={styles['list']}>
          <ServerGrid
            name="library"
            label="Parts of all kits"
            wide={['kind', 'heightSource', 'used']}
            columns={COLUMNS}
            rows={rows}
            total={shown.total}
            wanted={wanted}
            onWanted={want}
            idOf={(row) => row.fingerprint}
            chosen={chosen}
            onChoose={go}
            none={
              shown.inAll === 0
                ? 'No parts yet. Drop a parts list on the Shelf; its parts come here.'
                : 'No part with these letters.'
            }
          />
        </div>
        {part && <PartForm key={`${part.fingerprint} ${String(part.version)}`} part={part} mayEdit={mayEdit} />}
      </div>
    </main>
  );
}
