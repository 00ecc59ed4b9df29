import Checkbox from '@mui/material/Checkbox';
import { useState, type SyntheticEvent } from 'react';
import type { Purchase } from '@/shared/api';
import { Button, Input } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './buying.module.css';

type Came = { lot: string; quantity: string; isLast: boolean; operationId: string };
type Props = {
  line: Purchase['lines'][number];
  open: boolean;
  busy: boolean;
  /** says whether it is booked; until then its words stay */ onCame: (came: Came) => Promise<boolean>;
};

/** A line of an order: what was ordered, what has come, and a place for what comes now. */
export function ComingLine({ line, open, busy, onCame }: Props) {
  const left = Math.max(0, line.pieces - line.received);
  const [lot, setLot] = useState('');
  const [quantity, setQuantity] = useState('');
  const [isLast, setLast] = useState(false);
  // One id for one receipt: pressed three times it is booked once.
  const [operationId, setOperation] = useState(() => crypto.randomUUID());
  const book = async (event: SyntheticEvent) => {
    event.preventDefault();
    // Without a lot nothing came: it is said that nothing will.
    const all = isLast && lot.trim() === '' ? '0' : String(left);
    const many = quantity.trim() === '' ? all : quantity.trim();
    if (!(await onCame({ lot: lot.trim(), quantity: many, isLast, operationId }))) return;
    setLot('');
    setQuantity('');
    setLast(false);
    setOperation(crypto.randomUUID());
  };
  return (
    <li className={styles['coming']}>
      <span>
        {line.title} <span className={ink['quiet']}>from {line.supplier}</span>
      </span>
      <span className={ink['m']}>
        {line.received.toLocaleString('en')} of {line.pieces.toLocaleString('en')}
      </span>
      {open ? (
        <form onSubmit={(event) => void book(event)} aria-label={`What came of ${line.title}`}>
          <Input
            className={styles['many'] ?? ''}
            aria-label={`How many ${line.title} came`}
            placeholder={String(left)}
            inputMode="decimal"
            value={quantity}
            onChange={(event) => {
              setQuantity(event.target.value);
            }}
          />
          <Input
            className={styles['lot'] ?? ''}
            aria-label={`Lot of ${line.title}`}
            placeholder="lot, as the bag says"
            maxLength={40}
            value={lot}
            onChange={(event) => {
              setLot(event.target.value);
            }}
          />
          <label>
            <Checkbox
              size="small"
              checked={isLast}
              onChange={(event) => {
                setLast(event.target.checked);
              }}
            />{' '}
            the rest will not come
          </label>
          <Button type="submit" disabled={busy}>
            Book it
          </Button>
        </form>
      ) : (
        <span className={line.done ? ink['verdi'] : ink['quiet']}>{line.done ? '✓ done' : ''}</span>
      )}
    </li>
  );
}
