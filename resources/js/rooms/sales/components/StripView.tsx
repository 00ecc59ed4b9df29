import { useState } from 'react';
import { useOrderStrip, useOrderTurn, useReach, type SalesOrder } from '@/shared/api';
import { articleWords } from '@/shared/format';
import { Button, Dialog, Loading, Notice, OutLink, Refusal, TextLink, usePointerDrag } from '@/shared/ui';
import { days, kitName, lacking, moves, shortage } from '../strip';
import { paceWords } from '../words';
import { Bundle } from './Bundle';
import { OrderSlip } from './OrderSlip';
import { SalesHead } from './SalesHead';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './strip.module.css';

function orderAt(x: number, y: number): number | null {
  const found = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-order]')?.dataset['order'];
  return found === undefined ? null : Number(found);
}

/** What is to ship: orders as bundles of squares on their day, inked as far as the stock reaches, and the gap. */
export function StripView() {
  const strip = useOrderStrip();
  const turn = useOrderTurn();
  const [chosen, setChosen] = useState<number | null>(null);
  const [why, setWhy] = useState(false);
  const drag = usePointerDrag<number, number>({
    find: orderAt,
    onDrop: (order, before) => {
      if (order !== before) turn.mutate({ order, before });
    },
  });
  const orders: readonly SalesOrder[] = strip.data?.orders ?? [];
  const short = lacking(orders);
  const reach = useReach(short);
  const open = orders.find(({ id }) => id === chosen) ?? orders[0];
  const { sooner, later } = open ? moves(orders, open.id) : {};
  return (
    <main className={clsx(ui['room'], styles['striproom'])}>
      <SalesHead>
        {strip.data && (
          <span className={ink['quiet']}>
            {orders.length === 0
              ? 'nothing is to ship'
              : `${String(orders.length + strip.data.more)} to ship; drag one onto another to serve it first`}
          </span>
        )}
        {orders.length > 0 && (
          <Button
            look="link"
            onClick={() => {
              setWhy(true);
            }}
          >
            Why these days?
          </Button>
        )}
        <span className={ui['end']}>
          <OutLink href="/api/calendar.ics" download>
            Days for your calendar
          </OutLink>
        </span>
      </SalesHead>
      {strip.error && <Notice title="The orders cannot be shown" text={strip.error.message} />}
      {!strip.data && !strip.error && <Loading what="Laying out the strip" />}
      {strip.data && orders.length === 0 && (
        <Notice title="Nothing is to ship" text="Type an order in under Orders, or drop a CSV there." />
      )}
      {turn.error && (
        <Refusal
          onDismiss={() => {
            turn.reset();
          }}
        >
          {turn.error.message}
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
                  {day.sure !== '' && `, ${day.sure}`}
                </p>
                {day.fill === 'gap' &&
                  short.map((kit) => {
                    const packable = reach.data?.get(kit)?.packable ?? 0;
                    return packable > 0 ? (
                      <p key={kit}>
                        Parts for {packable} {kitName(orders, kit)} lie in stock:{' '}
                        <TextLink to="/packing">begin a run</TextLink>
                      </p>
                    ) : null;
                  })}
                <div className={styles['bundles']}>
                  {day.orders.map((order) => (
                    <Bundle
                      key={order.id}
                      order={order}
                      fill={day.fill}
                      isOpen={order.id === open.id}
                      isTarget={drag.grip !== null && drag.target === order.id && drag.grip !== order.id}
                      onGrip={(x, y) => {
                        if (order.stage === 'open') drag.start(order.id, x, y);
                      }}
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
            <p className={clsx(styles['more'], ink['quiet'])}>{strip.data.more} later ones stand under Orders.</p>
          )}
          <OrderSlip
            key={open.id}
            order={open}
            onSooner={
              sooner === undefined
                ? undefined
                : () => {
                    setChosen(open.id);
                    turn.mutate({ order: open.id, before: sooner });
                  }
            }
            onLater={
              later === undefined
                ? undefined
                : () => {
                    setChosen(open.id);
                    turn.mutate({ order: open.id, before: later });
                  }
            }
          />
        </>
      )}
      {strip.data && (
        <Dialog
          open={why}
          title="Why these days"
          onLeave={() => {
            setWhy(false);
          }}
          actions={
            <Button
              onClick={() => {
                setWhy(false);
              }}
            >
              Back
            </Button>
          }
        >
          <p>
            Orders are served in their row, the oldest first until somebody moves one. Each takes what is on hand, else
            what runs bring that are not packed to their end; nothing is promised twice.
          </p>
          <p>{paceWords(strip.data.pace)}</p>
          <p className={ink['quiet']}>
            The share of packing days is taken as Beta distributed with Jeffreys&rsquo; prior, the kits of such a day as
            those that were counted.
          </p>
        </Dialog>
      )}
    </main>
  );
}
