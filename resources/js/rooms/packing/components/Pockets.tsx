import { useEffect, useRef, type CSSProperties } from 'react';
import type { Run } from '@/shared/api';
import { bagFill } from '../model';
import { waiting, type Key, type Turn } from '../queue';
import { clsx } from 'clsx';
import styles from './pockets.module.css';

type Props = { run: Run; turn: Turn; keys: readonly Key[]; confirmed: Key | null };

const SIGNS: Readonly<Record<string, { word: string; style: string }>> = {
  i: { word: 'in', style: 'in' },
  s: { word: 'short', style: 'short' },
  w: { word: 'pressed, not confirmed yet', style: 'waits' },
};

/** The bags of the run as pockets that fill, line by line; the one whose turn it is stays in sight. */
export function Pockets({ run, turn, keys, confirmed }: Props) {
  const now = useRef<HTMLLIElement>(null);
  useEffect(() => {
    now.current?.scrollIntoView({ block: 'nearest' });
  }, [turn.pack, turn.line]);
  const fill = bagFill(run, turn.line);
  return (
    <div className={styles['strip']} role="region" aria-label="Pockets" tabIndex={0}>
      <ol className={styles['pockets']}>
        {Array.from(waiting(run, keys, turn.line), (sign, pack) => {
          const said = SIGNS[sign];
          const isNow = pack === turn.pack;
          return (
            <li
              key={pack}
              ref={isNow ? now : null}
              className={clsx(
                said && styles[said.style],
                isNow && styles['now'],
                confirmed?.line === turn.line && confirmed.pack === pack && sign !== 'w' && styles['done'],
              )}
              style={{ '--fill': `${String(Math.round(100 * (fill[pack] ?? 0)))}%` } as CSSProperties}
              aria-current={isNow ? 'step' : undefined}
              aria-label={`pack ${String(pack + 1)}: ${said?.word ?? 'open'}`}
            >
              <b>{pack + 1}</b>
              <i aria-hidden>{sign === 's' ? '–' : sign === 'w' ? '…' : sign === 'i' ? '✓' : ''}</i>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
