import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { FIRST, useBuyingPlan, usePurchaseDeed, useShelf } from '@/shared/api';
import { Button, Loading, Notice, Refusal } from '@/shared/ui';
import { asked, lineWhy, sheets, sureWords, TRIED_NOTHING, type Batch, type Tried } from '../buying';
import { BatchBar } from './BatchBar';
import { OrderSheet } from './OrderSheet';
import { Uncovered } from './Uncovered';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './buying.module.css';

type Props = { onOrdered: () => void; onSuppliers: () => void };

/** What to order for the next batches: a sheet for each supplier, and why each line is as it is. */
export function PlanView({ onOrdered, onSuppliers }: Props) {
  const shelf = useShelf(FIRST);
  const [search] = useSearchParams();
  const [typed, setTyped] = useState<readonly Batch[] | null>(null);
  const [tried, setTried] = useState<Tried>(TRIED_NOTHING);
  const [chosen, setChosen] = useState<string | null>(null);
  const [operationId, setOperation] = useState(() => crypto.randomUUID());
  const kits = shelf.data?.kits ?? [];
  const first = kits.find((kit) => String(kit.id) === search.get('for')) ?? kits[0];
  const batches = typed ?? (first ? [{ kitId: first.id, kit: first.name, kits: '20' }] : []);
  const question = asked(batches, tried);
  const plan = useBuyingPlan(question);
  const order = usePurchaseDeed();
  const sheet = plan.data;
  const all = sheet ? sheets(sheet) : [];
  const open =
    sheet?.lines.find(({ part }) => part === chosen) ?? all[0]?.lines[0]?.line ?? sheet?.lines.find((l) => l.noOffer);
  if (shelf.error) return <Notice title="There is no plan" text={shelf.error.message} />;
  return (
    <>
      <BatchBar
        batches={batches}
        onBatches={setTyped}
        tried={tried}
        onTried={setTried}
        rates={sheet?.rates ?? []}
        currency={sheet?.currency ?? ''}
      />
      {plan.error && <Notice title="There is no plan" text={plan.error.message} />}
      {!sheet && plan.isFetching && <Loading what="Comparing the suppliers" />}
      {order.error && (
        <Refusal
          onDismiss={() => {
            order.reset();
          }}
        >
          {order.error.message}
        </Refusal>
      )}
      {sheet && (
        <div className={styles['sum']} aria-live="polite">
          <b className={clsx(ink['m'], styles['total'])}>
            {sheet.total} {sheet.currency}
          </b>
          <span className={sheet.proved ? ink['verdi'] : ink['ochre']}>
            {all.length === 0 ? 'nothing to order' : sheet.proved ? `✓ ${sureWords(sheet)}` : `▲ ${sureWords(sheet)}`}
          </span>
          {plan.isFetching && <span className={ink['quiet']}>comparing again …</span>}
          {sheet.missing.map(({ supplier, currency }) => (
            <span key={supplier} className={ink['ochre']}>
              ▲ {supplier} is left out: nobody said what one {currency} is worth.{' '}
              <Button look="link" onClick={onSuppliers}>
                Write the rate
              </Button>
            </span>
          ))}
          <span className={styles['end']}>
            <Button
              look="primary"
              disabled={all.length === 0 || sheet.missing.length > 0 || plan.isFetching || order.isPending}
              onClick={() => {
                order.mutate(
                  { what: 'order', asked: question, total: sheet.total, operationId },
                  {
                    onSuccess: () => {
                      setOperation(crypto.randomUUID());
                      onOrdered();
                    },
                  },
                );
              }}
            >
              {all.length > 1 ? `Note all ${String(all.length)} orders as sent` : 'Note the order as sent'}
            </Button>
          </span>
        </div>
      )}
      {sheet && (
        <div className={styles['desk']}>
          <div className={styles['sheets']}>
            {all.map((each) => (
              <OrderSheet key={each.supplier.id} sheet={each} open={open?.part ?? ''} onOpen={setChosen} />
            ))}
            <Uncovered plan={sheet} open={open?.part ?? ''} onOpen={setChosen} onSuppliers={onSuppliers} />
          </div>
          {open && (
            <aside className={styles['why']} aria-label={`Why ${open.title}`}>
              <h2>{open.title}</h2>
              <p className={ink['m']}>{open.designators.join(' ')}</p>
              <dl>
                {lineWhy(open, sheet.currency).map(([what, figure], at) => (
                  <div key={at}>
                    <dt>{what}</dt>
                    <dd>{figure}</dd>
                  </div>
                ))}
              </dl>
            </aside>
          )}
        </div>
      )}
      {shelf.data && batches.length === 0 && (
        <p className={ui['loading']}>No kit yet. Drop a parts list on the Shelf first.</p>
      )}
    </>
  );
}
