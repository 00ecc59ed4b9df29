import { useEffect, useRef, useState } from 'react';
import ink from '@/shared/style/ink.module.css';
import styles from './packing.module.css';

type Props = { first: string; asks?: string; onSave: (lot: string) => void; onLeave: () => void };

/** Names the lot that the next pieces come from. */
export function LotBox({ first, asks = 'lot of the next pieces', onSave, onLeave }: Props) {
  const [text, setText] = useState(first);
  const box = useRef<HTMLInputElement>(null);
  useEffect(() => {
    box.current?.select();
  }, []);
  return (
    <form
      className={styles['lotbox']}
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== '') onSave(text.trim());
      }}
    >
      <label htmlFor="lot">{asks}</label>
      <input
        ref={box}
        id="lot"
        className={ink['m']}
        maxLength={40}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape') onLeave();
        }}
      />
      <button type="submit">Enter: keep it</button>
    </form>
  );
}
