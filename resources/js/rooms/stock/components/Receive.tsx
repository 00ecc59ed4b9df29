import { useState } from 'react';
import type { Receipt } from '@/shared/api';
import { Button } from '@/shared/ui';
import { TextField, useKeptForm } from '@/shared/ui/form';
import { RECEIPT, receiptWords } from '../model';
import styles from './stock.module.css';

/** `onSave` says whether the lot is booked; until then its words stay. */
type Props = { fingerprint: string; busy: boolean; onSave: (receipt: Receipt) => Promise<boolean> };

const FIELDS = [
  ['lot', 'lot, as the bag says', 'text'],
  ['quantity', 'how many', 'text'],
  ['unitCost', 'price of one', 'text'],
  ['receivedOn', 'came in on', 'date'],
  ['supplier', 'from', 'text'],
] as const;

/** A lot that came in, typed by hand. */
export function Receive({ fingerprint, busy, onSave }: Props) {
  const { form, forget } = useKeptForm({
    name: `lot of ${fingerprint}`,
    schema: RECEIPT,
    from: receiptWords(new Date()),
  });
  // One id for one lot: pressed three times it is booked once.
  const [operationId] = useState(() => crypto.randomUUID());
  const send = form.handleSubmit(async (words) => {
    if (await onSave({ ...words, operationId, fingerprint })) forget();
  });
  return (
    <form className={styles['receive']} noValidate onSubmit={(event) => void send(event)} aria-label="Receive a lot">
      {FIELDS.map(([field, label, type]) => (
        <TextField key={field} form={form} name={field} id={`receipt-${field}`} label={label} type={type} />
      ))}
      <Button type="submit" look="primary" disabled={busy}>
        Book the lot
      </Button>
    </form>
  );
}
