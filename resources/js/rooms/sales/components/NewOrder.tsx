import { useState, type SyntheticEvent } from 'react';
import { useHeader, type OrderGiven, type ShelfRow } from '@/shared/api';
import { Button, Input, KitChooser, OptionChooser, TextArea } from '@/shared/ui';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './sales.module.css';

type Props = { busy: boolean; onSave: (order: OrderGiven) => void; onLeave: () => void };

const FIELDS = [
  ['number', 'order number', 'text'],
  ['placedOn', 'date', 'date'],
  ['customer', 'customer', 'text'],
  ['email', 'mail address', 'email'],
  ['quantity', 'kits', 'number'],
  ['price', 'price of one', 'text'],
] as const;

/** An order typed in by hand. */
export function NewOrder({ busy, onSave, onLeave }: Props) {
  const [words, setWords] = useState({
    number: '',
    placedOn: new Date().toISOString().slice(0, 10),
    customer: '',
    email: '',
    quantity: '1',
    price: '',
    address: '',
  });
  const [options, setOptions] = useState('');
  const [kit, setKit] = useState<ShelfRow | null>(null);
  // One id for one order: pressed three times it is booked once.
  const [operationId] = useState(() => crypto.randomUUID());
  const header = useHeader(kit?.revisionId ?? null);
  const set = (field: string, value: string) => {
    setWords({ ...words, [field]: value });
  };
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    if (kit === null) return;
    onSave({ ...words, operationId, options, kitId: kit.id, quantity: Number(words.quantity) });
  };
  return (
    <form className={styles['neworder']} onSubmit={send} aria-label="New order">
      {FIELDS.map(([field, label, type]) => (
        <div className={ui['field']} key={field}>
          <label htmlFor={`order-${field}`}>{label}</label>
          <Input
            id={`order-${field}`}
            type={type}
            value={words[field]}
            required={['number', 'placedOn', 'customer', 'quantity'].includes(field)}
            onChange={(event) => {
              set(field, event.target.value);
            }}
          />
        </div>
      ))}
      <div className={ui['field']}>
        <KitChooser
          id="order-kit"
          label="kit"
          kit={kit}
          onChoose={(chosen) => {
            setKit(chosen);
            setOptions('');
          }}
        />
      </div>
      {header.data && header.data.options.length > 0 && (
        <div className={ui['field']}>
          <span>with</span>
          <span>
            <OptionChooser options={header.data.options} chosen={options} onChoose={setOptions} />
          </span>
        </div>
      )}
      <div className={clsx(ui['field'], ui['wide'], styles['wide'])}>
        <label htmlFor="order-address">address</label>
        <TextArea
          id="order-address"
          rows={2}
          value={words.address}
          onChange={(event) => {
            set('address', event.target.value);
          }}
        />
      </div>
      <p className={clsx(ui['wide'], styles['wide'])}>
        <Button type="submit" look="primary" disabled={busy}>
          Book the order
        </Button>{' '}
        <Button onClick={onLeave}>Leave</Button>
      </p>
    </form>
  );
}
