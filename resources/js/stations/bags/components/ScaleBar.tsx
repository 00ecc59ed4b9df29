import type { BagScale } from '@/shared/api';
import { names } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './bags.module.css';

const percent = (chance: number) => `${(100 * chance).toFixed(chance > 0.995 && chance < 1 ? 1 : 0)} %`;

/** What weighing a bag proves: a stretch for each line, filled as far as one piece missing would be noticed. */
export function ScaleBar({ bag }: { bag: BagScale }) {
  if (bag.low === null || bag.high === null) {
    return (
      <p className={clsx(styles['scale'], ink['quiet'])}>
        {bag.byEye.length === 0 ? '' : 'not weighed yet: count by eye'}
      </p>
    );
  }
  return (
    <div className={styles['scale']}>
      <span className={styles['proof']} aria-hidden="true">
        {bag.proof.map((line) => (
          <span key={line.designators.join(' ')} className={styles['line']}>
            <span
              className={line.proved ? styles['proved'] : styles['seen']}
              style={{ width: `${String(100 * line.missing)}%` }}
            />
          </span>
        ))}
      </span>
      <span>
        <b className={ink['m']}>
          {bag.low.toFixed(2)} to {bag.high.toFixed(2)} g
        </b>{' '}
        {bag.byEye.length === 0 ? (
          <span className={ink['verdi']}>● the scale proves the count</span>
        ) : (
          <span className={ink['ochre']}>
            ▲ count by eye:{' '}
            {bag.proof
              .filter((line) => !line.proved)
              .map((line) => `${names(line.designators) || 'a line'} (${percent(line.missing)} seen)`)
              .join(', ')}
          </span>
        )}
      </span>
    </div>
  );
}
