import { useState } from 'react';
import { allRows, api, useOrderFile, useSale, useSales, type SalesOrder, type Wanted } from '@/shared/api';
import { money, optionWords } from '@/shared/format';
import { DropZone, FileButton, Notice, Pager, PrintButton, TableActions, useWanted } from '@/shared/ui';
import { NewOrder } from './NewOrder';
import './sales.css';

const STAGES: Readonly<Record<SalesOrder['stage'], string>> = {
  open: '▲ open',
  allocated: '◧ kits set aside',
  shipped: '■ shipped',
};

async function table(wanted: Wanted): Promise<string[][]> {
  const orders = await allRows<SalesOrder>(wanted, async (query) => {
    const { data: page } = await api.get('/orders', { params: { query } });
    return { rows: page?.orders ?? [], total: page?.total ?? 0 };
  });
  return [
    ['number', 'date', 'customer', 'kit', 'quantity', 'price', 'currency', 'stage'],
    ...orders.flatMap((order) =>
      order.lines.map((line) => [
        order.number,
        order.placedOn,
        order.customer,
        line.kit,
        String(line.quantity),
        (line.unitPrice / 100).toFixed(2),
        line.currency,
        order.stage,
      ]),
    ),
  ];
}

/** Orders: what can ship today first; set kits aside, print the slip, ship. */
export function Sales() {
  const { wanted, text, setText, head, turn } = useWanted();
  const sales = useSales(wanted);
  const sale = useSale();
  const file = useOrderFile();
  const [adding, setAdding] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  if (sales.error) return <Notice title="The orders cannot be shown" text={sales.error.message} />;
  if (!sales.data)
    return (
      <p className="loading" role="status">
        Reading the orders
      </p>
    );
  const act = (order: SalesOrder, what: 'allocate' | 'free' | 'ship') => {
    setSaid(null);
    sale.mutate({ what, id: order.id });
  };
  const take = (files: readonly File[]) => {
    const [first] = files;
    if (!first) return;
    setSaid(null);
    file.mutate(first, {
      onSuccess: (answer) => {
        setSaid(
          `${String(answer.booked)} orders booked${answer.known > 0 ? `, ${String(answer.known)} were known already` : ''}.`,
        );
      },
    });
  };
  const orders = sales.data.orders;
  const fault = sale.error ?? file.error;
  return (
    <DropZone label="Drop a CSV of orders: number, date, customer, email, address, kit, quantity, price" onFiles={take}>
      <main className="room salesroom">
        <div className="roomhead">
          <h1>Sales</h1>
          <span className="quiet">
            {sales.data.toShip} to ship, {sales.data.canShip} of them could ship today, each by itself
          </span>
          <label className="sr" htmlFor="order-filter">
            Filter orders
          </label>
          <input
            id="order-filter"
            className="filter wide"
            placeholder="Filter"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
          <span className="end">
            <TableActions name="orders" rows={() => table(wanted)} />
            <FileButton label="Orders from a CSV" onFiles={take} />
            <button
              type="button"
              className="btn pri"
              onClick={() => {
                setAdding(!adding);
              }}
            >
              New order
            </button>
          </span>
        </div>
        {fault && (
          <p className="refusal" role="alert">
            {fault.message}{' '}
            <button
              type="button"
              className="btn link"
              onClick={() => {
                sale.reset();
                file.reset();
              }}
            >
              Dismiss
            </button>
          </p>
        )}
        {said && (
          <p className="said" role="status">
            {said}
          </p>
        )}
        {adding && (
          <NewOrder
            busy={sale.isPending}
            onLeave={() => {
              setAdding(false);
            }}
            onSave={(order) => {
              sale.mutate(
                { what: 'book', order },
                {
                  onSuccess: () => {
                    setAdding(false);
                    setSaid('Order booked.');
                  },
                },
              );
            }}
          />
        )}
        <div className="scroll" tabIndex={0} role="region" aria-label="Orders">
          <table className="table">
            <thead>
              <tr>
                {head('number', 'number')}
                {head('placedOn', 'date')}
                {head('customer', 'customer')}
                <th>kits</th>
                <th className="num">price</th>
                {head('stage', 'stage')}
                <th>next</th>
              </tr>
            </thead>
            <tbody>
              {orders.map((order) => (
                <tr key={order.id}>
                  <td className="m">{order.number}</td>
                  <td>{order.placedOn}</td>
                  <td>{order.customer}</td>
                  <td>
                    {order.lines
                      .map(
                        (line) =>
                          `${String(line.quantity)} × ${line.kit}${line.options === '' ? '' : ` (${optionWords(line.options)})`}`,
                      )
                      .join(', ')}
                  </td>
                  <td className="num">{money(total(order), order.lines[0]?.currency ?? '')}</td>
                  <td className={order.stage}>
                    {STAGES[order.stage]}
                    {order.stage === 'open' && order.shipped > 0 ? `, ${String(order.shipped)} shipped` : ''}
                  </td>
                  <td>
                    <div className="acts">
                      {order.stage === 'open' && (
                        <button
                          type="button"
                          className="btn"
                          disabled={!order.canAllocate || sale.isPending}
                          title={order.canAllocate ? 'Sets the oldest kits aside' : 'Too few kits on hand'}
                          onClick={() => {
                            act(order, 'allocate');
                          }}
                        >
                          Set kits aside
                        </button>
                      )}
                      {order.stage === 'allocated' && (
                        <>
                          <button
                            type="button"
                            className="btn"
                            disabled={sale.isPending}
                            onClick={() => {
                              act(order, 'ship');
                            }}
                          >
                            Ship
                          </button>
                          <PrintButton label="Slip" kind="packing-slip" subject={order.id} />
                          <button
                            type="button"
                            className="btn link"
                            disabled={sale.isPending}
                            onClick={() => {
                              act(order, 'free');
                            }}
                          >
                            put back
                          </button>
                        </>
                      )}
                      {order.stage === 'shipped' && <PrintButton label="Slip" kind="packing-slip" subject={order.id} />}
                    </div>
                  </td>
                </tr>
              ))}
              {orders.length === 0 && (
                <tr>
                  <td colSpan={7} className="quiet">
                    {wanted.search === ''
                      ? 'No orders yet. Type one in, or drop a CSV anywhere on this page.'
                      : 'No order with these letters.'}
                  </td>
                </tr>
              )}
            </tbody>
          </table>
          <Pager
            of="the orders"
            page={sales.data.page}
            pages={sales.data.pages}
            total={sales.data.total}
            onPage={turn}
          />
        </div>
      </main>
    </DropZone>
  );
}

/** Minor units of all lines together. */
function total(order: SalesOrder): number {
  return order.lines.reduce((sum, line) => sum + line.quantity * line.unitPrice, 0);
}
