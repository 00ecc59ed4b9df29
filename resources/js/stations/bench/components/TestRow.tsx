import type { BenchTest } from '@/shared/api';
import { howTested } from '@/shared/format/howTested';
import { Press } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './bench.module.css';

type Props = {
  test: BenchTest;
  before: { revision: string; printed: string } | null;
  current: boolean;
  onPick: () => void;
};

/** A test in the list: when, what between which points, what the builder should read. */
export function TestRow({ test, before, current, onPick }: Props) {
  return (
    <li>
      <Press
        className={current ? clsx(styles['testrow'], styles['current']) : styles['testrow']}
        aria-current={current}
        onClick={onPick}
      >
        <span className={styles['number']}>{test.step ?? '–'}</span>
        <span>
          <b>{test.name}</b>
          <small>
            {howTested(test)}
            {test.adjusts ? `; turn ${test.adjusts}` : ''}
          </small>
        </span>
        <span>
          <b>{test.fault === '' ? test.printed : '▲ not worked out'}</b>
          {test.reading && <small className={ink['m']}>{test.expect}</small>}
          {before && (
            <small className={ink['ochre']}>
              ▲ {before.printed} in revision {before.revision}: look whether it still fits
            </small>
          )}
        </span>
      </Press>
    </li>
  );
}
