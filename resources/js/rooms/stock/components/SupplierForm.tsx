import type { Supplier, SupplierTerms } from '@/shared/api';
import { Button, Refusal } from '@/shared/ui';
import { like, maybe, needed, object, TextField, useKeptForm } from '@/shared/ui/form';
import styles from './buying.module.css';

type Props = {
  of: Supplier | null;
  busy: boolean;
  fault: string | null;
  /** says whether it is written; until then its words stay */ onSave: (terms: SupplierTerms) => Promise<boolean>;
};

const SUM = /\d{1,7}(?:[.,]\d{1,2})?/;
const TERMS = object({
  name: needed('Write who sells it.'),
  currency: like(/[A-Z]{3}/, 'Three letters, like EUR.'),
  shipping: maybe(SUM, 'An amount like 4.50.'),
  freeFrom: maybe(SUM, 'An amount like 50.00, or nothing.'),
  leastOrder: maybe(SUM, 'An amount like 10.00, or nothing.'),
  leadDays: maybe(/\d{1,4}/, 'Whole days, or nothing.'),
});
const FIELDS = [
  ['name', 'name'],
  ['currency', 'sells in'],
  ['shipping', 'shipping of one order'],
  ['freeFrom', 'ships free from'],
  ['leastOrder', 'no order under'],
  ['leadDays', 'days until it comes'],
] as const;

/** A supplier and the terms of an order there. */
export function SupplierForm({ of, busy, fault, onSave }: Props) {
  const { form, forget } = useKeptForm({
    name: `supplier ${String(of?.id ?? 'new')}`,
    schema: TERMS,
    from: {
      name: of?.name ?? '',
      currency: of?.currency ?? 'EUR',
      shipping: of?.shipping ?? '',
      freeFrom: of?.freeFrom ?? '',
      leastOrder: of?.leastOrder ?? '',
      leadDays: of?.leadDays == null ? '' : String(of.leadDays),
    },
  });
  const send = form.handleSubmit(async (words) => {
    const { leadDays, ...rest } = words;
    if (await onSave({ ...rest, leadDays: leadDays === '' ? null : Number(leadDays) })) forget();
  });
  return (
    <form className={styles['terms']} noValidate onSubmit={(event) => void send(event)} aria-label="Supplier">
      {FIELDS.map(([field, label]) => (
        <TextField key={field} form={form} name={field} id={`supplier-${field}`} label={label} />
      ))}
      <Button type="submit" look="primary" disabled={busy}>
        Write it down
      </Button>
      {fault !== null && <Refusal>{fault}</Refusal>}
    </form>
  );
}
