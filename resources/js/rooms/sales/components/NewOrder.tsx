import { useState } from 'react';
import type { OrderGiven } from '@/shared/api';
import { keep, recall, WORDS } from '@/shared/keep';
import { Button } from '@/shared/ui';
import { LinesField, TextField, useKeptForm } from '@/shared/ui/form';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import { fault, given, isLines, type DraftLine } from '../lines';
import { ORDER, orderWords } from '../model';
import { useLineDraft } from '../useLineDraft';
import { CustomerField } from './CustomerField';
import { LineAdder } from './LineAdder';
import { LineList } from './LineList';

import styles from './sales.module.css';

/** `onSave` says whether the order is booked; until then its words stay. */
type Props = { busy: boolean; onSave: (order: OrderGiven) => Promise<boolean>; onLeave: () => void };

const KEPT = `${WORDS}new order lines`;

/** An order typed in by hand. */
export function NewOrder({ busy, onSave, onLeave }: Props) {
  const { form, words, forget } = useKeptForm({ name: 'new order', schema: ORDER, from: orderWords(new Date()) });
  const [lines, setLines] = useState<DraftLine[]>(() => recall(KEPT, isLines, []));
  const draft = useLineDraft();
  const [tried, setTried] = useState(false);
  // One id for one order: pressed three times it is booked once.
  const [operationId] = useState(() => crypto.randomUUID());
  const put = (now: DraftLine[]) => {
    setLines(now);
    keep(KEPT, now.length === 0 ? null : now);
  };
  const leave = () => {
    forget();
    put([]);
  };
  // What is chosen counts without being added first.
  const all = draft.line === null ? lines : [...lines, { ...draft.line, id: 'chosen' }];
  const send = form.handleSubmit(
    async (said) => {
      setTried(true);
      if (all.length === 0 || all.some((line) => fault(line) !== '')) return;
      if (await onSave({ ...said, operationId, lines: all.map(given) })) leave();
    },
    () => {
      setTried(true);
    },
  );
  return (
    <form className={styles['neworder']} noValidate onSubmit={(event) => void send(event)} aria-label="New order">
      <TextField form={form} name="number" id="order-number" label="order number" />
      <TextField form={form} name="placedOn" id="order-placedOn" label="date" type="date" />
      <CustomerField
        id="order-customer"
        name={words.customer}
        fault={form.formState.errors.customer?.message}
        onName={(name) => {
          form.setValue('customer', name, { shouldValidate: form.formState.isSubmitted });
        }}
        onFound={(customer) => {
          form.setValue('customer', customer.name);
          form.setValue('email', customer.email);
          form.setValue('address', customer.address);
        }}
      />
      <TextField form={form} name="email" id="order-email" label="mail address" type="email" />
      <LinesField
        form={form}
        name="address"
        id="order-address"
        label="address"
        rows={2}
        className={clsx(ui['wide'], styles['wide'])}
      />
      <div className={styles['wide']}>
        <LineList lines={lines} onLines={put} />
      </div>
      <LineAdder
        id="order"
        draft={draft}
        legend={lines.length === 0 ? 'What is ordered' : 'And'}
        missing={tried && all.length === 0}
        onAdd={() => {
          if (draft.line) put([...lines, { ...draft.line, id: crypto.randomUUID() }]);
          draft.clear();
        }}
      />
      {tried && draft.line !== null && fault({ ...draft.line, id: 'chosen' }) !== '' && (
        <p className={clsx(ui['wrong'], styles['wide'])} role="alert">
          {fault({ ...draft.line, id: 'chosen' })}
        </p>
      )}
      <p className={clsx(ui['wide'], styles['wide'])}>
        <Button type="submit" look="primary" disabled={busy}>
          Book the order
        </Button>{' '}
        <Button
          onClick={() => {
            leave();
            onLeave();
          }}
        >
          Drop it
        </Button>
      </p>
    </form>
  );
}
