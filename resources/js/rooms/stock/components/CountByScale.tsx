import { useState } from 'react';
import { useCountLot } from '@/shared/api';
import { Button, Input, Refusal } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { countWords } from '../count';
import styles from './stock.module.css';

type Props = { id: string; onCount: (pieces: string) => void };

/** Counts a heap by its weight: some pieces counted by hand, then all of them. */
export function CountByScale({ id, onCount }: Props) {
  const count = useCountLot();
  const [sample, setSample] = useState('10');
  const [sampleGrams, setSampleGrams] = useState('');
  const [grams, setGrams] = useState('');
  const told = count.data;
  const fields = [
    ['sample', 'pieces counted by hand', sample, setSample],
    ['sample-grams', 'they weigh, g', sampleGrams, setSampleGrams],
    ['grams', 'all together weigh, g', grams, setGrams],
  ] as const;
  const number = (text: string) => Number(text.trim().replace(',', '.'));
  return (
    <form
      className={styles['byscale']}
      onSubmit={(event) => {
        event.preventDefault();
        count.mutate({ sample: number(sample), sampleGrams: number(sampleGrams), grams: number(grams) });
      }}
    >
      {fields.map(([name, label, value, set]) => (
        <label key={name} htmlFor={`${id}-${name}`}>
          {label}{' '}
          <Input
            id={`${id}-${name}`}
            inputMode="decimal"
            value={value}
            onChange={(event) => {
              set(event.target.value);
              count.reset();
            }}
          />
        </label>
      ))}
      <Button type="submit" disabled={count.isPending || sampleGrams.trim() === '' || grams.trim() === ''}>
        Count
      </Button>
      {count.error && <Refusal>{count.error.message}</Refusal>}
      {told && (
        <p role="status">
          {countWords(told)}{' '}
          <Button
            onClick={() => {
              onCount(String(told.count));
            }}
          >
            Take {told.count}
          </Button>{' '}
          <span className={ink['quiet']}>
            Pieces of one lot are taken to differ by 3 % (common practice), readings by what Shop says of the scale.
          </span>
        </p>
      )}
    </form>
  );
}
