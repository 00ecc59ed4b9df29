import { useState } from 'react';
import { allRows, api, useSale, useSales, type SalesOrder, type Wanted } from '@/shared/api';
import { articleWords } from '@/shared/format';
import { isWords, recall, WORDS } from '@/shared/keep';
import { Button, DropZone, FileButton, Input, Notice, Refusal, TableActions, useWanted, Loading } from '@/shared/ui';
import { ServerGrid } from '@/shared/ui/grid';
import { bookedWords } from '../table';
import { NewOrder } from './NewOrder';
import { OrderSlip } from './OrderSlip';
import { SalesHead } from './SalesHead';
import { orderColumns, ships } from './orderColumns';
import { TablePreview } from './TablePreview';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './sales.module.css';

async function table(wanted: Wanted): Promise<string[][]> {
  const orders = await allRows<SalesOrder>(wanted, async (query) => {
    const { data: page } = await api.get('/orders', { params: { query } });
    return { rows: page?.orders ?? [], total: page?.total ?? 0 };
  });
  return [
    ['number', 'date', 'customer', 'article', 'quantity', 'price', 'currency', 'stage', 'ships'],
    ...orders.flatMap((order) =>
      order.lines.map((line) => [
        order.number,
        order.placedOn,
        order.customer,
        articleWords(line),
        String(line.quantity),
        (line.unitPrice / 100).toFixed(2),
        line.currency,
        order.stage,
        ships(order),
      ]),
    ),
  ];
}

/** Orders: what can ship today first; set kits aside, print the slip, ship. */
export function OrdersView() {
  const { wanted, want, text, setText } = useWanted();
  const sales = useSales(wanted);
  const sale = useSale();
  const [file, setFile] = useState<File | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  // Words that were not saved are shown again.
  const [adding, setAdding] = useState(
    () => recall(`${WORDS}new order`, isWords, null as Record<string, string> | null) !== null,
  );
  const [said, setSaid] = useState<string | null>(null);
  if (sales.error) return <Notice title="The orders cannot be shown" text={sales.error.message} />;
  if (!sales.data) return <Loading what="Reading the orders" />;
  const take = (files: readonly File[]) => {
    setSaid(null);
    setFile(files[0] ?? null);
  };
  const open = sales.data.orders.find(({ id }) => id === chosen);
  return (
    <DropZone label="Drop a CSV of orders; it is shown row by row before anything is booked" onFiles={take}>
      <main className={clsx(ui['room'], styles['salesroom'])}>
        <SalesHead>
          <span className={ink['quiet']}>
            {sales.data.toShip} to ship, {sales.data.canShip} of them today
          </span>
          <label className={ink['sr']} htmlFor="order-filter">
            Filter orders
          </label>
          <Input
            id="order-filter"
            className={clsx(ui['filter'], ui['wide'], styles['wide'])}
            placeholder="Filter"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
          <span className={ui['end']}>
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
        </SalesHead>
        {sale.error && (
          <Refusal
            onDismiss={() => {
              sale.reset();
            }}
          >
            {sale.error.message}
          </Refusal>
        )}
        {said && (
          <p className={styles['said']} role="status">
            {said}
          </p>
        )}
        {adding && (
          <NewOrder
            busy={sale.isPending}
            onLeave={() => {
              setAdding(false);
            }}
            onSave={async (order) => {
              try {
                await sale.mutateAsync({ what: 'book', order });
              } catch {
                return false;
              }
              setAdding(false);
              setSaid('Order booked.');
              return true;
            }}
          />
        )}
        <div className={styles['orders']}>
          <ServerGrid
            name="orders"
            label="Orders"
            columns={orderColumns()}
            rows={sales.data.orders}
            total={sales.data.total}
            wanted={wanted}
            onWanted={want}
            idOf={(order) => order.id}
            chosen={chosen}
            onChoose={(order) => {
              setChosen(order.id);
            }}
            height={36}
            wide={['placedOn', 'price', 'kits']}
            none={
              wanted.search === ''
                ? 'No orders yet. Type one in, or drop a CSV anywhere on this page.'
                : 'No order with these letters.'
            }
          />
        </div>
        {open && <OrderSlip key={open.id} order={open} />}
        {file && (
          <TablePreview
            file={file}
            onLeave={() => {
              setFile(null);
            }}
            onBooked={(booked) => {
              setFile(null);
              setSaid(`${bookedWords(booked)}.`);
            }}
          />
        )}
      </main>
    </DropZone>
  );
}
