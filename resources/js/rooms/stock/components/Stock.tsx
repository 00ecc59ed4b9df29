import { useState } from 'react';
import { Link } from 'react-router';
import { useMe, useStock, type Stock as Document } from '@/shared/api';
import { Notice, TableActions, useSorted } from '@/shared/ui';

const ENTRIES: Readonly<Record<string, string>> = { packed: 'packed', unpacked: 'taken apart', allocated: 'promised to an order', freed: 'free again', shipped: 'shipped', returned: 'came back', scrapped: 'scrapped' };

type KitCount = Document['kits'][number];
type Move = Document['ledger'][number];

const KITS = { kit: (row: KitCount) => row.kit, onHand: (row: KitCount) => row.onHand, allocated: (row: KitCount) => row.allocated, shipped: (row: KitCount) => row.shipped, wanted: (row: KitCount) => row.wanted };
const MOVES = { at: (row: Move) => row.at, serial: (row: Move) => row.serial, entry: (row: Move) => row.entry, order: (row: Move) => row.order ?? '', by: (row: Move) => row.by };
const NO_KITS: readonly KitCount[] = [];
const NO_MOVES: readonly Move[] = [];

/** Kits on hand, and the book of every kit's moves, which only grows. */
export function Stock() {
  const stock = useStock();
  const me = useMe();
  const [filter, setFilter] = useState('');
  const kits = useSorted(stock.data?.kits ?? NO_KITS, KITS);
  const book = useSorted(stock.data?.ledger ?? NO_MOVES, MOVES);
  if (stock.error) return <Notice title="The Stock cannot be shown" text={stock.error.message} />;
  if (!stock.data) return <p className="loading" role="status">Counting the kits</p>;
  const mayPack = me.data?.abilities.includes('pack-kits') ?? false;
  const moves = book.sorted.filter((row) => `${row.serial} ${row.order ?? ''} ${row.entry}`.toLowerCase().includes(filter.trim().toLowerCase()));
  return (
    <main className="room">
      <div className="roomhead">
        <h1>Stock</h1>
        <span className="quiet">packed kits</span>
        <span className="end"><TableActions name="kits on hand" rows={() => [['kit', 'on hand', 'promised', 'shipped', 'still wanted'], ...stock.data.kits.map((kit) => [kit.kit, String(kit.onHand), String(kit.allocated), String(kit.shipped), String(kit.wanted)])]} /></span>
      </div>
      <div className="scroll" tabIndex={0} role="region" aria-label="Kits and their moves">
        <table className="table" aria-label="Kits on hand">
          <thead><tr>{kits.head('kit', 'kit')}{kits.head('onHand', 'on hand', true)}{kits.head('allocated', 'promised', true)}{kits.head('shipped', 'shipped', true)}{kits.head('wanted', 'still wanted', true)}<th>next</th></tr></thead>
          <tbody>
            {kits.sorted.map((kit) => (
              <tr key={kit.kitId}>
                <td><b>{kit.kit}</b></td><td className="num">{kit.onHand}</td><td className="num">{kit.allocated}</td><td className="num">{kit.shipped}</td><td className="num">{kit.wanted}</td>
                <td>{kit.wanted > kit.onHand ? <span className="ochre">▲ pack {kit.wanted - kit.onHand} more {mayPack && <Link to="/packing">to Packing</Link>}</span> : kit.wanted > 0 ? 'enough for all orders' : ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="bar">
          <b>Moves</b><span>every kit, the newest first; nothing is ever struck out</span>
          <span className="end"><label className="sr" htmlFor="move-filter">Filter moves</label><input id="move-filter" className="filter wide" placeholder="Serial or order" value={filter} onChange={(event) => { setFilter(event.target.value); }} /></span>
        </div>
        <table className="table" aria-label="Moves of kits">
          <thead><tr>{book.head('at', 'day')}{book.head('serial', 'serial')}{book.head('entry', 'what')}{book.head('order', 'order')}{book.head('by', 'by')}<th>note</th></tr></thead>
          <tbody>
            {moves.map((row, index) => (
              <tr key={`${row.serial} ${row.at} ${String(index)}`}><td>{row.at.slice(0, 10)}</td><td className="m">{row.serial}</td><td>{ENTRIES[row.entry] ?? row.entry}</td><td>{row.order ?? ''}</td><td>{row.by}</td><td>{row.note}</td></tr>
            ))}
            {moves.length === 0 && <tr><td colSpan={6} className="quiet">{stock.data.ledger.length === 0 ? 'Nothing packed yet. A packing run brings kits here.' : 'No move with these letters.'}</td></tr>}
          </tbody>
        </table>
      </div>
    </main>
  );
}
