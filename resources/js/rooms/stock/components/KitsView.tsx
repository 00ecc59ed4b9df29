import { allRows, api, useMoves, useStock, type Moves, type Stock as Document, type Wanted } from '@/shared/api';
import { FilterField, Notice, TableActions, useWanted, Loading, TextLink } from '@/shared/ui';
import { ServerGrid, type GridColDef } from '@/shared/ui/grid';
import { ENTRIES } from '../entries';
import { soldOut, whySoldOut } from '../soldOut';
import { Packs } from './Packs';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './stock.module.css';

type KitCount = Document['kits'][number];
type Move = Moves['ledger'][number];

async function table(wanted: Wanted): Promise<string[][]> {
  const kits = await allRows<KitCount>(wanted, async (query) => {
    const { data: page } = await api.get('/stock', { params: { query } });
    return { rows: page?.kits ?? [], total: page?.total ?? 0 };
  });
  return [
    ['kit', 'on hand', 'class packs', 'set aside', 'shipped', 'still wanted', 'sold out'],
    ...kits.map((kit) => [
      kit.kit,
      String(kit.onHand),
      kit.packs.map(({ n, size }) => `${String(n)} of ${String(size)}`).join(', '),
      String(kit.allocated),
      String(kit.shipped),
      String(kit.wanted),
      soldOut(kit),
    ]),
  ];
}

const NUMBER = { width: 100, align: 'right', headerAlign: 'right' } as const;

const COUNTS: readonly GridColDef<KitCount>[] = [
  { field: 'kit', headerName: 'kit', flex: 1, minWidth: 140 },
  { field: 'onHand', headerName: 'on hand', ...NUMBER },
  {
    field: 'packs',
    headerName: 'class packs',
    width: 190,
    sortable: false,
    renderCell: ({ row }) => <Packs kit={row} />,
  },
  { field: 'allocated', headerName: 'set aside', ...NUMBER },
  { field: 'shipped', headerName: 'shipped', ...NUMBER },
  { field: 'wanted', headerName: 'still wanted', ...NUMBER, sortable: false },
  {
    field: 'runsOut',
    headerName: 'sold out',
    flex: 1,
    minWidth: 200,
    sortable: false,
    description:
      'When the kits that no order waits for are sold, nine times in ten; from the orders of up to half a year',
    renderCell: ({ row }) => <span title={whySoldOut(row)}>{soldOut(row)}</span>,
  },
  {
    field: 'next',
    headerName: 'next',
    flex: 1,
    minWidth: 160,
    sortable: false,
    cellClassName: ({ row }) => (row.wanted > row.onHand ? (ink['ochre'] ?? '') : ''),
    valueGetter: (_, row) =>
      row.wanted > row.onHand
        ? `▲ pack ${String(row.wanted - row.onHand)} more`
        : row.wanted > 0
          ? 'enough for all orders'
          : '',
  },
];

const PACK: GridColDef<KitCount> = {
  field: 'pack',
  headerName: '',
  width: 110,
  sortable: false,
  renderCell: ({ row }) => (row.wanted > row.onHand ? <TextLink to="/packing">to Packing</TextLink> : null),
};

const MOVES: readonly GridColDef<Move>[] = [
  { field: 'at', headerName: 'day', width: 110, valueGetter: (_, row) => row.at.slice(0, 10) },
  {
    field: 'serial',
    headerName: 'serial',
    width: 150,
    cellClassName: ink['m'] ?? '',
    renderCell: ({ row }) => (
      <TextLink to={`/stock?view=serials&serial=${encodeURIComponent(row.serial)}`}>{row.serial}</TextLink>
    ),
  },
  {
    field: 'entry',
    headerName: 'what',
    flex: 1,
    minWidth: 130,
    valueGetter: (_, row) => ENTRIES[row.entry] ?? row.entry,
  },
  { field: 'order', headerName: 'order', width: 120 },
  { field: 'by', headerName: 'by', flex: 1, minWidth: 120 },
  { field: 'note', headerName: 'note', flex: 1, minWidth: 120, sortable: false },
];

/** Kits on hand, and the book of every kit's moves, which only grows. */
export function KitsView({ mayPack }: { mayPack: boolean }) {
  const kits = useWanted();
  const moves = useWanted();
  const stock = useStock(kits.wanted);
  const book = useMoves(moves.wanted);
  const fault = stock.error ?? book.error;
  if (fault) return <Notice title="The kits cannot be shown" text={fault.message} />;
  if (!stock.data || !book.data) return <Loading what="Counting the kits" />;
  return (
    <div className={styles['kitsview']}>
      <div className={ui['bar']}>
        <FilterField
          id="stock-filter"
          label="Filter kits"
          placeholder="Kit"
          value={kits.text}
          onChange={kits.setText}
        />
        <span className={ui['end']}>
          <TableActions name="kits on hand" rows={() => table(kits.wanted)} />
        </span>
      </div>
      <div className={styles['kits']}>
        <ServerGrid
          name="kits on hand"
          label="Kits on hand"
          wide={['allocated', 'shipped', 'runsOut', 'next', 'pack']}
          columns={mayPack ? [...COUNTS, PACK] : COUNTS}
          rows={stock.data.kits}
          total={stock.data.total}
          wanted={kits.wanted}
          onWanted={kits.want}
          idOf={(kit) => kit.kitId}
          none={
            kits.wanted.search === '' ? 'No kits yet. Drop a parts list on the Shelf.' : 'No kit with these letters.'
          }
        />
      </div>
      <div className={ui['bar']}>
        <b>Moves</b>
        <span>every kit, the newest first; nothing is ever struck out</span>
        <span className={ui['end']}>
          <FilterField
            id="move-filter"
            label="Filter moves"
            placeholder="Serial or order"
            value={moves.text}
            onChange={moves.setText}
          />
        </span>
      </div>
      <div className={styles['moves']}>
        <ServerGrid
          name="moves of kits"
          label="Moves of kits"
          wide={['order', 'by', 'note']}
          columns={MOVES}
          rows={book.data.ledger}
          total={book.data.total}
          wanted={moves.wanted}
          onWanted={moves.want}
          idOf={(row) => row.id}
          none={
            moves.wanted.search === ''
              ? 'Nothing packed yet. A packing run brings kits here.'
              : 'No move with these letters.'
          }
        />
      </div>
    </div>
  );
}
