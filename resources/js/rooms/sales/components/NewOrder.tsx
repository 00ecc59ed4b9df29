import { useState } from 'react';
import { useHeader, type OrderGiven, type ShelfRow } from '@/shared/api';
import { repriced } from '@/shared/format';
import { Button, KitChooser, OptionChooser, Select } from '@/shared/ui';
import { LinesField, TextField, useKeptForm } from '@/shared/ui/form';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import { ORDER, orderWords } from '../model';
import styles from './sales.module.css';

/** `onSave` says whether the order is booked; until then its words stay. */
type Props = { busy: boolean; onSave: (order: OrderGiven) => Promise<boolean>; onLeave: () => void };

const FIELDS = [
  ['number', 'order number', 'text'],
  ['placedOn', 'date', 'date'],
  ['customer', 'customer', 'text'],
  ['email', 'mail address', 'email'],
  ['quantity', 'how many', 'number'],
  ['price', 'price of one', 'text'],
] as const;

/** Kits of what is sold: single ones, or class packs. */
const SIZES = [1, 5, 10, 20] as const;

/** An order typed in by hand. */
export function NewOrder({ busy, onSave, onLeave }: Props) {
  const { form, forget } = useKeptForm({ name: 'new order', schema: ORDER, from: orderWords(new Date()) });
  const [options, setOptions] = useState('');
  const [size, setSize] = useState<1 | 5 | 10 | 20>(1);
  const [kit, setKit] = useState<ShelfRow | null>(null);
  // One id for one order: pressed three times it is booked once.
  const [operationId] = useState(() => crypto.randomUUID());
  const header = useHeader(kit?.revisionId ?? null);
  const send = form.handleSubmit(async (words) => {
    if (kit === null) return;
    if (
      await onSave({
        ...words,
        operationId,
        options,
        kitId: kit.id,
        quantity: Number(words.quantity),
        packSize: size,
      })
    )
      forget();
  });
  return (
    <form className={styles['neworder']} noValidate onSubmit={(event) => void send(event)} aria-label="New order">
      {FIELDS.map(([field, label, type]) => (
        <TextField key={field} form={form} name={field} id={`order-${field}`} label={label} type={type} />
      ))}
      <div className={ui['field']}>
        <KitChooser
          id="order-kit"
          label="kit"
          kit={kit}
          missing={form.formState.isSubmitted && kit === null}
          onChoose={(chosen) => {
            setKit(chosen);
            setOptions('');
          }}
        />
      </div>
      <div className={ui['field']}>
        <label htmlFor="order-size">sold as</label>
        <Select
          id="order-size"
          value={size}
          onChange={(event) => {
            setSize(SIZES.find((each) => String(each) === event.target.value) ?? 1);
          }}
        >
          {SIZES.map((each) => (
            <option key={each} value={each}>
              {each === 1 ? 'single kits' : `class packs of ${String(each)}`}
            </option>
          ))}
        </Select>
      </div>
      {header.data && header.data.options.length > 0 && (
        <div className={ui['field']}>
          <span>with</span>
          <span>
            <OptionChooser
              options={header.data.options}
              chosen={options}
              onChoose={(chosen) => {
                form.setValue('price', repriced(form.getValues('price'), header.data.options, options, chosen));
                setOptions(chosen);
              }}
            />
          </span>
        </div>
      )}
      <LinesField
        form={form}
        name="address"
        id="order-address"
        label="address"
        rows={2}
        className={clsx(ui['wide'], styles['wide'])}
      />
      <p className={clsx(ui['wide'], styles['wide'])}>
        <Button type="submit" look="primary" disabled={busy}>
          Book the order
        </Button>{' '}
        <Button
          onClick={() => {
            forget();
            onLeave();
          }}
        >
          Drop it
        </Button>
      </p>
    </form>
  );
}
