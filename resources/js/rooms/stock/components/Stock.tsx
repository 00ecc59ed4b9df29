import { Link } from 'react-router';
import { allRows, api, useMe, useMoves, useStock, type Moves, type Stock as Document, type Wanted } from '@/shared/api';
import {
  TableCell,
  Input,
  Notice,
  Pager,
  Table,
  TableActions,
  TableBody,
  TableHead,
  TableRow,
  useWanted,
} from '@/shared/ui';

const ENTRIES: Readonly<Record<string, string>> = {
  packed: 'packed',
  unpacked: 'taken apart',
  allocated: 'set aside for an order',
  freed: 'free again',
  shipped: 'shipped',
  returned: 'came back',
  scrapped: 'scrapped',
};

type KitCount = Document['kits'][number];
type Move = Moves['ledger'][number];

async function table(wanted: Wanted): Promise<string[][]> {
  const kits = await allRows<KitCount>(wanted, async (query) => {
    const { data: page } = await api.get('/stock', { params: { query } });
    return { rows: page?.kits ?? [], total: page?.total ?? 0 };
  });
  return [
    ['kit', 'on hand', 'set aside', 'shipped', 'still wanted'],
    ...kits.map((kit) => [kit.kit, String(kit.onHand), String(kit.allocated), String(kit.shipped), String(kit.wanted)]),
  ];
}

/** Kits on hand, and the book of every kit's moves, which only grows. */
export function Stock() {
  const kits = useWanted();
  const moves = useWanted();
  const stock = useStock(kits.wanted);
  const book = useMoves(moves.wanted);
  const me = useMe();
  const fault = stock.error ?? book.error;
  if (fault) return <Notice title="The Stock cannot be shown" text={fault.message} />;
  if (!stock.data || !book.data)
    return (
      <p className="loading" role="status">
        Counting the kits
      </p>
    );
  const mayPack = me.data?.abilities.includes('pack-kits') ?? false;
  return (
    <main className="room">
      <div className="roomhead">
        <h1>Stock</h1>
        <span className="quiet">packed kits</span>
        <label className="sr" htmlFor="stock-filter">
          Filter kits
        </label>
        <Input
          id="stock-filter"
          className="filter wide"
          placeholder="Kit"
          value={kits.text}
          onChange={(event) => {
            kits.setText(event.target.value);
          }}
        />
        <span className="end">
          <TableActions name="kits on hand" rows={() => table(kits.wanted)} />
        </span>
      </div>
      <div className="scroll" tabIndex={0} role="region" aria-label="Kits and their moves">
        <Table className="table" aria-label="Kits on hand">
          <TableHead>
            <TableRow>
              {kits.head('kit', 'kit')}
              {kits.head('onHand', 'on hand', true)}
              {kits.head('allocated', 'set aside', true)}
              {kits.head('shipped', 'shipped', true)}
              <TableCell component="th" className="num">
                still wanted
              </TableCell>
              <TableCell component="th">next</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {stock.data.kits.map((kit) => (
              <CountRow key={kit.kitId} kit={kit} mayPack={mayPack} />
            ))}
            {stock.data.kits.length === 0 && (
              <TableRow>
                <TableCell colSpan={6} className="quiet">
                  {kits.wanted.search === ''
                    ? 'No kits yet. Drop a parts list on the Shelf.'
                    : 'No kit with these letters.'}
                </TableCell>
              </TableRow>
            )}
          </TableBody>
        </Table>
        <Pager
          of="the kits"
          page={stock.data.page}
          pages={stock.data.pages}
          total={stock.data.total}
          onPage={kits.turn}
        />
        <div className="bar">
          <b>Moves</b>
          <span>every kit, the newest first; nothing is ever struck out</span>
          <span className="end">
            <label className="sr" htmlFor="move-filter">
              Filter moves
            </label>
            <Input
              id="move-filter"
              className="filter wide"
              placeholder="Serial or order"
              value={moves.text}
              onChange={(event) => {
                moves.setText(event.target.value);
              }}
            />
          </span>
        </div>
        <Table className="table" aria-label="Moves of kits">
          <TableHead>
            <TableRow>
              {moves.head('at', 'day')}
              {moves.head('serial', 'serial')}
              {moves.head('entry', 'what')}
              {moves.head('order', 'order')}
              {moves.head('by', 'by')}
              <TableCell component="th">note</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {book.data.ledger.map((row, index) => (
              <MoveRow key={`${row.serial} ${row.at} ${String(index)}`} row={row} />
            ))}
            {book.data.ledger.length === 0 && (
              <TableRow>
                <TableCell colSpan={6} className="quiet">
                  {moves.wanted.search === ''
                    ? 'Nothing packed yet. A packing run brings kits here.'
                    : 'No move with these letters.'}
                </TableCell>
              </TableRow>
            )}
          </TableBody>
        </Table>
        <Pager
          of="the moves"
          page={book.data.page}
          pages={book.data.pages}
          total={book.data.total}
          onPage={moves.turn}
        />
      </div>
    </main>
  );
}

function CountRow({ kit, mayPack }: { kit: KitCount; mayPack: boolean }) {
  return (
    <TableRow>
      <TableCell>
        <b>{kit.kit}</b>
      </TableCell>
      <TableCell className="num">{kit.onHand}</TableCell>
      <TableCell className="num">{kit.allocated}</TableCell>
      <TableCell className="num">{kit.shipped}</TableCell>
      <TableCell className="num">{kit.wanted}</TableCell>
      <TableCell>
        {kit.wanted > kit.onHand ? (
          <span className="ochre">
            ▲ pack {kit.wanted - kit.onHand} more {mayPack && <Link to="/packing">to Packing</Link>}
          </span>
        ) : kit.wanted > 0 ? (
          'enough for all orders'
        ) : (
          ''
        )}
      </TableCell>
    </TableRow>
  );
}

function MoveRow({ row }: { row: Move }) {
  return (
    <TableRow>
      <TableCell>{row.at.slice(0, 10)}</TableCell>
      <TableCell className="m">{row.serial}</TableCell>
      <TableCell>{ENTRIES[row.entry] ?? row.entry}</TableCell>
      <TableCell>{row.order ?? ''}</TableCell>
      <TableCell>{row.by}</TableCell>
      <TableCell>{row.note}</TableCell>
    </TableRow>
  );
}
