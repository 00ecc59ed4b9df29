import { useState, type SyntheticEvent } from 'react';
import type { Suppliers } from '@/shared/api';
import { Button, Input } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './buying.module.css';

type Props = {
  rate: Suppliers['rates'][number];
  into: string;
  busy: boolean;
  onSave: (rate: string) => void;
};

/** What one of a currency is worth; without it nothing can be ordered there. */
export function RateLine({ rate, into, busy, onSave }: Props) {
  const [value, setValue] = useState(rate.rate ?? '');
  const save = (event: SyntheticEvent) => {
    event.preventDefault();
    onSave(value.trim());
  };
  return (
    <form className={styles['rateline']} onSubmit={save}>
      <label htmlFor={`rate-${rate.currency}`}>one {rate.currency} is</label>
      <Input
        id={`rate-${rate.currency}`}
        className={styles['rate'] ?? ''}
        inputMode="decimal"
        placeholder="0.92"
        value={value}
        onChange={(event) => {
          setValue(event.target.value);
        }}
      />
      {into}
      <Button type="submit" disabled={busy || value.trim() === '' || value === rate.rate}>
        From today
      </Button>
      {rate.since === null ? (
        <span className={ink['ochre']}>▲ Nobody said it yet: who sells in {rate.currency} is left out.</span>
      ) : (
        <span className={ink['quiet']}>since {rate.since}</span>
      )}
    </form>
  );
}
