import { useState } from 'react';
import { useOrderStrip, useSale, type SalesOrder } from '@/shared/api';
import { articleWords, money } from '@/shared/format';
import { Loading, Notice, Refusal } from '@/shared/ui';
import { days, shortage } from '../strip';
import { Bundle } from './Bundle';
import { kits, Next, ships, total } from './orderColumns';
import { SalesHead } from './SalesHead';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './strip.module.css';

/** What is to ship: orders as bundles of squares on their day, inked as far as the stock reaches, and the gap. */
export function StripView() {
  const strip = useOrderStrip();
  const sale = useSale();
  const [chosen, setChosen] = useState<number | null>(null);
  const orders: readonly SalesOrder[] = strip.data?.orders ?? [];
  const open = orders.find(({ id }) => id === chosen) ?? orders[0];
  return (
    <main className={clsx(ui['room'], styles['striproom'])}>
      <SalesHead>
        {strip.data && (
          <span className={ink['quiet']}>
            {orders.length === 0
              ? 'nothing is to ship'
              : `${String(orders.length + strip.data.more)} to ship, the oldest served first`}
          </span>
        )}
      </SalesHead>
      {strip.error && <Notice title="The orders cannot be shown" text={strip.error.message} />}
      {!strip.data && !strip.error && <Loading what="Laying out the strip" />}
      {strip.data && orders.length === 0 && (
        <Notice title="Nothing is to ship" text="Type an order in under Orders, or drop a CSV there." />
      )}
      {sale.error && (
        <Refusal
          onDismiss={() => {
            sale.reset();
          }}
        >
          {sale.error.message}
        </Refusal>
      )}
      {open && (
        <>
          <ol className={styles['strip']}>
            {days(orders).map((day) => (
              <li key={day.id} data-fill={day.fill}>
                <h2>
                  {day.fill === 'gap' && '▲ '}
                  {day.name}
                </h2>
                <p className={day.fill === 'gap' ? ink['ochre'] : ink['quiet']}>
                  {day.fill === 'gap' && shortage(day.orders, articleWords) !== ''
                    ? `short by ${shortage(day.orders, articleWords)}`
                    : `${String(day.kits)} in ${String(day.orders.length)} ${day.orders.length === 1 ? 'order' : 'orders'}`}
                </p>
                <div className={styles['bundles']}>
                  {day.orders.map((order) => (
                    <Bundle
                      key={order.id}
                      order={order}
                      fill={day.fill}
                      isOpen={order.id === open.id}
                      onOpen={() => {
                        setChosen(order.id);
                      }}
                    />
                  ))}
                </div>
              </li>
            ))}
          </ol>
          {strip.data !== undefined && strip.data.more > 0 && (
            <p className={clsx(styles['more'], ink['quiet'])}>{strip.data.more} younger ones stand under Orders.</p>
          )}
          <section className={styles['slip']} aria-label={`Order ${open.number}`}>
            <h2>
              <span className={ink['m']}>{open.number}</span> {open.customer}
            </h2>
            <p>
              {kits(open)}
              <span className={ink['quiet']}>
                {' '}
                ordered {open.placedOn}, {money(total(open), open.lines[0]?.currency ?? '')}
                {ships(open) === '' ? '' : `, ships ${ships(open)}`}
              </span>
            </p>
            <Next
              order={open}
              busy={sale.isPending}
              onAct={(order, what) => {
                sale.mutate({ what, id: order.id });
              }}
            />
          </section>
        </>
      )}
    </main>
  );
}
