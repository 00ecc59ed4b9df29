import { useState } from 'react';
import type { useConnectedScale } from '../useConnectedScale';
import styles from './scale.module.css';

/** Another scale than the simulated one: on a serial line of this browser, or one that types like a keyboard. */
export function OwnScale({ own }: { own: ReturnType<typeof useConnectedScale> }) {
  const [text, setText] = useState('');
  return (
    <div className={styles['play']}>
      {own.source === 'shop' ? (
        <button type="button" onClick={() => void own.connect()}>
          connect a scale
        </button>
      ) : (
        <button type="button" onClick={own.leave}>
          leave this scale
        </button>
      )}
      {own.source !== 'serial' && (
        <input
          aria-label="a scale that types writes here"
          placeholder="or let it type here"
          value={text}
          maxLength={80}
          onChange={(event) => {
            setText(event.target.value);
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || text.trim() === '') return;
            own.typed(text);
            setText('');
          }}
        />
      )}
      {own.last !== '' && <span> {own.last}</span>}
      {own.fault !== null && <p role="alert">▲ {own.fault}</p>}
    </div>
  );
}
