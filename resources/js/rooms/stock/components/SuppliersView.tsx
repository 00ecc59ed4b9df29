import { useState } from 'react';
import { useOfferFile, useSupplierDeed, useSuppliers, type Supplier } from '@/shared/api';
import { Button, DropZone, FileButton, Loading, Notice, Refusal } from '@/shared/ui';
import { OfferList } from './OfferList';
import { RateLine } from './RateLine';
import { SupplierForm } from './SupplierForm';
import ink from '@/shared/style/ink.module.css';
import styles from './buying.module.css';

const HEAD = 'part, supplier, currency, from, unit_price, minimum, multiple, available';

function terms(supplier: Supplier): string {
  const of = (what: string, sum: string | null) => (sum === null ? '' : `${what} ${sum}`);
  return [
    Number(supplier.shipping) === 0
      ? `ships for nothing, in ${supplier.currency}`
      : `ships for ${supplier.shipping} ${supplier.currency}`,
    of('free from', supplier.freeFrom),
    of('no order under', supplier.leastOrder),
    supplier.leadDays === null ? '' : `in about ${String(supplier.leadDays)} days`,
    `${String(supplier.parts)} ${supplier.parts === 1 ? 'part' : 'parts'} offered`,
  ]
    .filter((word) => word !== '')
    .join(', ');
}

/** Who sells parts and on which terms, what their money is worth, and what each asks for a part. */
export function SuppliersView() {
  const sheet = useSuppliers();
  const deed = useSupplierDeed();
  const file = useOfferFile();
  const [open, setOpen] = useState<number | 'new' | null>(null);
  if (sheet.error) return <Notice title="The suppliers cannot be shown" text={sheet.error.message} />;
  if (!sheet.data) return <Loading what="Looking up the suppliers" />;
  const take = ([first]: readonly File[]) => {
    if (first) file.mutate(first);
  };
  const taken = file.data;
  const form = (of: Supplier | null) => (
    <SupplierForm
      key={of?.id ?? 'new'}
      of={of}
      busy={deed.isPending}
      fault={deed.error?.message ?? null}
      onSave={(given) =>
        deed
          .mutateAsync({ what: 'supplier', of, terms: given })
          .then(() => {
            setOpen(null);
            return true;
          })
          .catch(() => false)
      }
    />
  );
  return (
    <DropZone label={`Drop a CSV of offers (${HEAD}) or of suppliers`} onFiles={take}>
      <div className={styles['who']}>
        <div className={styles['filebar']}>
          <FileButton label="Offers or suppliers from a CSV" onFiles={take} />
          <span className={ink['quiet']}>{HEAD}</span>
        </div>
        {file.error && (
          <Refusal
            onDismiss={() => {
              file.reset();
            }}
          >
            {file.error.message}
          </Refusal>
        )}
        {taken && (
          <div role="status" className={styles['taken']}>
            <p>
              {taken.offers === 1 ? '1 offer is' : `${String(taken.offers)} offers are`} new
              {taken.suppliers > 0 ? `, ${String(taken.suppliers)} suppliers written` : ''}.
              {taken.offers > 0 && taken.added.length > 0
                ? ` ${taken.added.join(', ')}: say below what shipping costs there; until then it counts as nothing.`
                : ''}
            </p>
            <ul>
              {taken.problems.map((problem, at) => (
                <li key={at} className={problem.severity === 'error' ? ink['ochre'] : ink['quiet']}>
                  {problem.severity === 'error' ? '▲ ' : ''}
                  {problem.row === null ? '' : `row ${String(problem.row)}, `}
                  {problem.column === null ? '' : `column ${problem.column}: `}
                  {problem.message}
                </li>
              ))}
            </ul>
          </div>
        )}
        <ul className={styles['suppliers']}>
          {sheet.data.suppliers.map((supplier) => (
            <li key={supplier.id}>
              <b>{supplier.name}</b> <span>{terms(supplier)}</span>{' '}
              <Button
                look="link"
                aria-expanded={open === supplier.id}
                onClick={() => {
                  deed.reset();
                  setOpen(open === supplier.id ? null : supplier.id);
                }}
              >
                Change
              </Button>
              {open === supplier.id && form(supplier)}
            </li>
          ))}
          <li>
            {open === 'new' ? (
              form(null)
            ) : (
              <Button
                onClick={() => {
                  deed.reset();
                  setOpen('new');
                }}
              >
                New supplier
              </Button>
            )}
          </li>
        </ul>
        {sheet.data.rates.map((rate) => (
          <RateLine
            key={`${rate.currency} ${rate.rate ?? ''}`}
            rate={rate}
            into={sheet.data.currency}
            busy={deed.isPending}
            onSave={(value) => {
              deed.mutate({ what: 'rate', currency: rate.currency, rate: value });
            }}
          />
        ))}
        <OfferList />
      </div>
    </DropZone>
  );
}
