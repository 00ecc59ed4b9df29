import { useState } from 'react';
import { usePurchaseDeed, usePurchases, type Purchase } from '@/shared/api';
import { Button, Loading, Notice, Pager, PrintButton, Refusal } from '@/shared/ui';
import { ComingLine } from './ComingLine';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './buying.module.css';

function standing(purchase: Purchase): string {
  if (purchase.cancelled) return 'called off';
  const left = purchase.lines.filter((line) => !line.done).length;
  return left === 0 ? '✓ all of it has come' : `${String(left)} of ${String(purchase.lines.length)} lines to come`;
}

/** Orders that were sent, the newest first: what comes is booked as a lot at its line. */
export function UnderWay() {
  const [page, setPage] = useState(1);
  const purchases = usePurchases(page);
  const deed = usePurchaseDeed();
  if (purchases.error) return <Notice title="The orders cannot be shown" text={purchases.error.message} />;
  if (!purchases.data) return <Loading what="Looking what is on the way" />;
  return (
    <div className={styles['way']}>
      {deed.error && (
        <Refusal
          onDismiss={() => {
            deed.reset();
          }}
        >
          {deed.error.message}
        </Refusal>
      )}
      {purchases.data.purchases.length === 0 && (
        <p className={ui['loading']}>Nothing was ordered yet. What to order makes the sheets.</p>
      )}
      {purchases.data.purchases.map((purchase) => (
        <article key={purchase.id} className={styles['purchase']} aria-label={`Order ${String(purchase.id)}`}>
          <header>
            <h2>Order {purchase.id}</h2>
            <span>{purchase.origins.join(', ')}</span>
            <span className={ink['quiet']}>{purchase.at.slice(0, 10)}</span>
            <span className={ink['m']}>
              {purchase.total} {purchase.currency}
            </span>
            <span className={purchase.cancelled ? ink['quiet'] : ink['verdi']}>{standing(purchase)}</span>
            <PrintButton
              label="Print the sheets"
              name={`order ${String(purchase.id)}`}
              kind="purchase-order"
              subject={purchase.id}
            />
            {!purchase.cancelled && purchase.lines.every((line) => line.received === 0) && (
              <Button
                disabled={deed.isPending}
                onClick={() => {
                  deed.mutate({ what: 'cancel', purchase: purchase.id });
                }}
              >
                Call it off
              </Button>
            )}
          </header>
          <ul>
            {purchase.lines.map((line) => (
              <ComingLine
                key={line.id}
                line={line}
                open={!purchase.cancelled && !line.done}
                busy={deed.isPending}
                onCame={(came) =>
                  deed
                    .mutateAsync({ what: 'receive', line: line.id, ...came })
                    .then(() => true)
                    .catch(() => false)
                }
              />
            ))}
          </ul>
        </article>
      ))}
      <Pager
        of="the orders"
        page={purchases.data.page}
        pages={purchases.data.pages}
        total={purchases.data.total}
        onPage={setPage}
      />
    </div>
  );
}
