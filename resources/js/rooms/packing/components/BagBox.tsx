import { useEffect, useRef, useState } from 'react';
import { useWeighBag, type Run } from '@/shared/api';
import { bagWords } from '../scale';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './packing.module.css';

type Props = { run: Run; first: string; onLeave: () => void };

/** A finished bag on the scale: inside its window, or what most likely is wrong and how sure that is. */
export function BagBox({ run, first, onLeave }: Props) {
  const names = [...new Set(run.lines.map((line) => line.bag))];
  const [bag, setBag] = useState(first);
  const [text, setText] = useState('');
  const weigh = useWeighBag(run.id);
  const box = useRef<HTMLInputElement>(null);
  useEffect(() => {
    box.current?.focus();
  }, []);
  const grams = Number(text.replace(',', '.'));
  const told = weigh.data ? bagWords(weigh.data) : [];
  return (
    <form
      className={styles['bagbox']}
      aria-label="Weigh a bag"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '' && Number.isFinite(grams)) {
          weigh.mutate({ bag, grams });
          box.current?.select();
        }
      }}
    >
      <p>
        <label htmlFor="bag-name">bag</label>{' '}
        <select
          id="bag-name"
          value={bag}
          onChange={(event) => {
            setBag(event.target.value);
            weigh.reset();
          }}
        >
          {names.map((name) => (
            <option key={name}>{name}</option>
          ))}
        </select>{' '}
        <label htmlFor="bag-grams">weighs, its empty bag taken off,</label>{' '}
        <input
          ref={box}
          id="bag-grams"
          className={ink['m']}
          inputMode="decimal"
          maxLength={10}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Escape') onLeave();
          }}
        />{' '}
        g{' '}
        <button type="submit" disabled={weigh.isPending}>
          Enter: look
        </button>
      </p>
      {weigh.error && <p role="alert">▲ {weigh.error.message}</p>}
      <div role="status">
        {told.map(({ text: said, warns }) => (
          <p key={said} className={clsx(warns && styles['warn'])}>
            {warns ? '▲ ' : ''}
            {said}
          </p>
        ))}
      </div>
    </form>
  );
}
