import { useState } from 'react';
import { useSale, useSales, useShelf, type SalesOrder } from '@/shared/api';
import { money, optionWords } from '@/shared/format';
import { DropZone, FileButton, Notice, PrintButton, TableActions, useSorted } from '@/shared/ui';
import { NewOrder } from './NewOrder';
import './sales.css';

const STAGES: Readonly<Record<SalesOrder['stage'], string>> = { open: '▲ open', allocated: '◧ kits set aside', shipped: '■ shipped' };

const KEYS = { number: (row: SalesOrder) => row.number, placedOn: (row: SalesOrder) => row.placedOn, customer: (row: SalesOrder) => row.customer, kits: (row: SalesOrder) => row.lines[0]?.kit ?? '', price: total, stage: (row: SalesOrder) => row.stage };
const NONE: readonly SalesOrder[] = [];

/** Orders: what can ship today first; set kits aside, print the slip, ship. */
export function Sales() {
  const sales = useSales();
  const shelf = useShelf();
  const sale = useSale();
  const [filter, setFilter] = useState('');
  const [adding, setAdding] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const table = useSorted(sales.data?.orders ?? NONE, KEYS);
  if (sales.error) return <Notice title="The orders cannot be shown" text={sales.error.message} />;
  if (!sales.data) return <p className="loading" role="status">Reading the orders</p>;
  const act = (order: SalesOrder, what: 'allocate' | 'free' | 'ship') => {
    setSaid(null);
    sale.mutate({ path: `/orders/${String(order.id)}/${what}`, body: {} });
  };
  const take = (files: readonly File[]) => {
    const [file] = files;
    if (!file) return;
    setSaid(null);
    sale.mutate({ file }, { onSuccess: (answer) => { setSaid(`${String(answer.booked ?? 0)} orders booked${answer.known ? `, ${String(answer.known)} were known already` : ''}.`); } });
  };
  const orders = table.sorted.filter((order) => `${order.number} ${order.customer} ${order.lines.map((line) => line.kit).join(' ')}`.toLowerCase().includes(filter.trim().toLowerCase()));
  const open = sales.data.orders.filter((order) => order.stage !== 'shipped');
  return (
    <DropZone label="Drop a CSV of orders: number, date, customer, email, address, kit, quantity, price" onFiles={take}>
      <main className="room salesroom">
        <div className="roomhead">
          <h1>Sales</h1>
          <span className="quiet">{open.length} to ship, {open.filter((order) => order.canAllocate || order.stage === 'allocated').length} of them can ship today</span>
          <label className="sr" htmlFor="order-filter">Filter orders</label>
          <input id="order-filter" className="filter wide" placeholder="Filter" value={filter} onChange={(event) => { setFilter(event.target.value); }} />
          <span className="end">
            <TableActions name="orders" rows={() => [['number', 'date', 'customer', 'kit', 'quantity', 'price', 'currency', 'stage'], ...orders.flatMap((order) => order.lines.map((line) => [order.number, order.placedOn, order.customer, line.kit, String(line.quantity), (line.unitPrice / 100).toFixed(2), line.currency, order.stage]))]} />
            <FileButton label="Orders from a CSV" onFiles={take} />
            <button type="button" className="btn pri" onClick={() => { setAdding(!adding); }}>New order</button>
          </span>
        </div>
        {sale.error && <p className="refusal" role="alert">{sale.error.message} <button type="button" className="btn link" onClick={() => { sale.reset(); }}>Dismiss</button></p>}
        {said && <p className="said" role="status">{said}</p>}
        {adding && <NewOrder kits={shelf.data ?? []} busy={sale.isPending} onLeave={() => { setAdding(false); }} onSave={(body) => { sale.mutate({ path: '/orders', body }, { onSuccess: () => { setAdding(false); setSaid('Order booked.'); } }); }} />}
        <div className="scroll" tabIndex={0} role="region" aria-label="Orders">
          <table className="table">
            <thead><tr>{table.head('number', 'number')}{table.head('placedOn', 'date')}{table.head('customer', 'customer')}{table.head('kits', 'kits')}{table.head('price', 'price', true)}{table.head('stage', 'stage')}<th>next</th></tr></thead>
            <tbody>
              {orders.map((order) => (
                <tr key={order.id}>
                  <td className="m">{order.number}</td><td>{order.placedOn}</td><td>{order.customer}</td>
                  <td>{order.lines.map((line) => `${String(line.quantity)} × ${line.kit}${line.options === '' ? '' : ` (${optionWords(line.options)})`}`).join(', ')}</td>
                  <td className="num">{money(total(order), order.lines[0]?.currency ?? '')}</td>
                  <td className={order.stage}>{STAGES[order.stage]}{order.stage === 'open' && order.shipped > 0 ? `, ${String(order.shipped)} shipped` : ''}</td>
                  <td><div className="acts">
                    {order.stage === 'open' && <button type="button" className="btn" disabled={!order.canAllocate || sale.isPending} title={order.canAllocate ? 'Sets the oldest kits aside' : 'Too few kits on hand'} onClick={() => { act(order, 'allocate'); }}>Set kits aside</button>}
                    {order.stage === 'allocated' && (
                      <>
                        <button type="button" className="btn" disabled={sale.isPending} onClick={() => { act(order, 'ship'); }}>Ship</button>
                        <PrintButton label="Slip" kind="packing-slip" subject={order.id} />
                        <button type="button" className="btn link" disabled={sale.isPending} onClick={() => { act(order, 'free'); }}>put back</button>
                      </>
                    )}
                    {order.stage === 'shipped' && <PrintButton label="Slip" kind="packing-slip" subject={order.id} />}
                  </div></td>
                </tr>
              ))}
              {orders.length === 0 && <tr><td colSpan={7} className="quiet">{sales.data.orders.length === 0 ? 'No orders yet. Type one in, or drop a CSV anywhere on this page.' : 'No order with these letters.'}</td></tr>}
            </tbody>
          </table>
        </div>
      </main>
    </DropZone>
  );
}

/** Minor units of all lines together. */
function total(order: SalesOrder): number {
  return order.lines.reduce((sum, line) => sum + line.quantity * line.unitPrice, 0);
}
