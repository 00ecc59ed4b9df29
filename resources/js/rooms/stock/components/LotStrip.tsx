import type { Lot } from '@/shared/api';
import { shares } from '../model';
import { clsx } from 'clsx';
import styles from './stock.module.css';

/** What is on hand as one bar, a piece of it for each lot; what lies in the bin is filled, a lot on hold is hatched. */
export function LotStrip({ lots }: { lots: readonly Lot[] }) {
  return (
    <span className={styles['strip']} aria-hidden="true">
      {shares(lots).map(({ lot, share }) => (
        <span
          key={lot.id}
          className={clsx(styles['seg'], lot.inBin && styles['bin'], lot.held && styles['held'])}
          style={{ flexGrow: share }}
        />
      ))}
    </span>
  );
}
