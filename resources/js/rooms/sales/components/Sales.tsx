import { useState } from 'react';
import { allRows, api, useOrderFile, useSale, useSales, type SalesOrder, type Wanted } from '@/shared/api';
import { money, optionWords } from '@/shared/format';
import {
  Button,
  TableCell,
  DropZone,
  FileButton,
  Input,
  Notice,
  Pager,
  PrintButton,
  Table,
  TableActions,
  TableBody,
  TableHead,
  TableRow,
  useWanted,
} from '@/shared/ui';
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
          <Input
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
            <Button
              look="primary"
              onClick={() => {
                setAdding(!adding);
              }}
            >
              New order
            </Button>
          </span>
        </div>
        {fault && (
          <p className="refusal" role="alert">
            {fault.message}{' '}
            <Button
              look="link"
              onClick={() => {
                sale.reset();
                file.reset();
              }}
            >
              Dismiss
            </Button>
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
          <Table className="table">
            <TableHead>
              <TableRow>
                {head('number', 'number')}
                {head('placedOn', 'date')}
                {head('customer', 'customer')}
                <TableCell component="th">kits</TableCell>
                <TableCell component="th" className="num">
                  price
                </TableCell>
                {head('stage', 'stage')}
                <TableCell component="th">next</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {orders.map((order) => (
                <TableRow key={order.id}>
                  <TableCell className="m">{order.number}</TableCell>
                  <TableCell>{order.placedOn}</TableCell>
                  <TableCell>{order.customer}</TableCell>
                  <TableCell>
                    {order.lines
                      .map(
                        (line) =>
                          `${String(line.quantity)} × ${line.kit}${line.options === '' ? '' : ` (${optionWords(line.options)})`}`,
                      )
                      .join(', ')}
                  </TableCell>
                  <TableCell className="num">{money(total(order), order.lines[0]?.currency ?? '')}</TableCell>
                  <TableCell className={order.stage}>
                    {STAGES[order.stage]}
                    {order.stage === 'open' && order.shipped > 0 ? `, ${String(order.shipped)} shipped` : ''}
                  </TableCell>
                  <TableCell>
                    <div className="acts">
                      {order.stage === 'open' && (
                        <Button
                          disabled={!order.canAllocate || sale.isPending}
                          title={order.canAllocate ? 'Sets the oldest kits aside' : 'Too few kits on hand'}
                          onClick={() => {
                            act(order, 'allocate');
                          }}
                        >
                          Set kits aside
                        </Button>
                      )}
                      {order.stage === 'allocated' && (
                        <>
                          <Button
                            disabled={sale.isPending}
                            onClick={() => {
                              act(order, 'ship');
                            }}
                          >
                            Ship
                          </Button>
                          <PrintButton label="Slip" kind="packing-slip" subject={order.id} />
                          <Button
                            look="link"
                            disabled={sale.isPending}
                            onClick={() => {
                              act(order, 'free');
                            }}
                          >
                            put back
                          </Button>
                        </>
                      )}
                      {order.stage === 'shipped' && <PrintButton label="Slip" kind="packing-slip" subject={order.id} />}
                    </div>
                  </TableCell>
                </TableRow>
              ))}
              {orders.length === 0 && (
                <TableRow>
                  <TableCell colSpan={7} className="quiet">
                    {wanted.search === ''
                      ? 'No orders yet. Type one in, or drop a CSV anywhere on this page.'
                      : 'No order with these letters.'}
                  </TableCell>
                </TableRow>
              )}
            </TableBody>
          </Table>
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
