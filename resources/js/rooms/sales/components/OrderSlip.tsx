import { useState } from 'react';
import { useOrderSheet, useSale, type SalesOrder } from '@/shared/api';
import { money } from '@/shared/format';
import { Button, Input, Refusal } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { changeWords } from '../words';
import { CancelOrder } from './CancelOrder';
import { CameBack } from './CameBack';
import { ChangeOrder } from './ChangeOrder';
import { kits, Next, ships, total } from './orderColumns';
import { Tracking } from './Tracking';
import styles from './slip.module.css';

type Props = { order: SalesOrder; onSooner?: (() => void) | undefined; onLater?: (() => void) | undefined };
type Open = 'change' | 'cancel' | 'return' | 'tracking' | null;

/** One order: what it asks for, when it ships, what became of it, and all that can be done with it. */
export function OrderSlip({ order, onSooner, onLater }: Props) {
  const sheet = useOrderSheet(order.id);
  const sale = useSale();
  const [open, setOpen] = useState<Open>(null);
  const [tracking, setTracking] = useState('');
  const leave = () => {
    setOpen(null);
  };
  const gone = sheet.data?.gone ?? [];
  return (
    <section className={styles['slip']} aria-label={`Order ${order.number}`}>
      <div>
        <h2>
          <span className={ink['m']}>{order.number}</span> {order.customer}
        </h2>
        <p>
          {order.lines.length === 0 ? 'nothing is wanted any more' : kits(order)}
          <span className={ink['quiet']}>
            {' '}
            ordered {order.placedOn}
            {order.lines.length > 0 && `, ${money(total(order), order.lines[0]?.currency ?? '')}`}
            {ships(order) === '' ? '' : `, ships ${ships(order)}`}
            {order.tracking !== '' && `, tracking ${order.tracking}`}
          </span>
        </p>
        {(sheet.data?.changes ?? []).length > 0 && (
          <ol className={styles['changes']}>
            {sheet.data?.changes.slice(0, 4).map((change) => (
              <li key={`${change.at} ${change.kind}`}>
                {change.at.slice(0, 10)} {changeWords(change)}
              </li>
            ))}
          </ol>
        )}
      </div>
      <div className={styles['acts']}>
        {order.stage === 'allocated' && (
          <label>
            <span className={ink['quiet']}>tracking</span>{' '}
            <Input
              value={tracking}
              onChange={(event) => {
                setTracking(event.target.value);
              }}
            />
          </label>
        )}
        <Next
          order={order}
          busy={sale.isPending}
          onAct={(each, what) => {
            sale.mutate(what === 'ship' ? { what, id: each.id, tracking } : { what, id: each.id });
          }}
        />
        {order.stage === 'open' && onSooner && <Button onClick={onSooner}>Serve sooner</Button>}
        {order.stage === 'open' && onLater && <Button onClick={onLater}>Serve later</Button>}
        {sheet.data && (
          <>
            <Button
              look="link"
              onClick={() => {
                setOpen('change');
              }}
            >
              {order.stage === 'cancelled' ? 'take it up again' : 'change'}
            </Button>
            {gone.length > 0 && (
              <Button
                look="link"
                onClick={() => {
                  setOpen('return');
                }}
              >
                came back
              </Button>
            )}
            {gone.length > 0 && (
              <Button
                look="link"
                onClick={() => {
                  setOpen('tracking');
                }}
              >
                tracking
              </Button>
            )}
            {order.wanted > order.shipped && (
              <Button
                look="link"
                onClick={() => {
                  setOpen('cancel');
                }}
              >
                cancel
              </Button>
            )}
          </>
        )}
      </div>
      {sale.error && (
        <Refusal
          onDismiss={() => {
            sale.reset();
          }}
        >
          {sale.error.message}
        </Refusal>
      )}
      {sheet.data && open === 'change' && <ChangeOrder sheet={sheet.data} onLeave={leave} />}
      {sheet.data && open === 'cancel' && <CancelOrder sheet={sheet.data} onLeave={leave} />}
      {sheet.data && open === 'return' && <CameBack sheet={sheet.data} onLeave={leave} />}
      {sheet.data && open === 'tracking' && <Tracking sheet={sheet.data} onLeave={leave} />}
    </section>
  );
}
