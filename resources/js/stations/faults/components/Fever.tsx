import type { Faults } from '@/shared/api';
import { Press } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './faults.module.css';

type Place = Faults['fever'][number];

/** How strongly each part is shaded, 0 to 1: the most reported one in full. */
export function heat(fever: readonly Place[]): Map<string, number> {
  const most = Math.max(0, ...fever.map((each) => each.perHundred));
  return new Map(fever.map((each) => [each.part, most === 0 ? 0 : each.perHundred / most]));
}

const told = (each: Place) =>
  `${each.perHundred.toFixed(1)} of a hundred kits, between ${each.low.toFixed(1)} and ${each.high.toFixed(1)}`;

type Props = { fever: readonly Place[]; chosen: string | null; onPick: (part: string) => void };

/** The fever of the board: places by the kits that were reported for them, each with its interval. */
export function Fevers({ fever, chosen, onPick }: Props) {
  if (fever.length === 0) return null;
  const top = Math.max(...fever.map((each) => each.high));
  return (
    <section aria-label="Fever of the board">
      <h2>The fever of the board</h2>
      <p className={ink['quiet']}>
        Reported kits of a hundred shipped, and between what that lies nineteen times in twenty.
      </p>
      <ul className={styles['fever']}>
        {fever.slice(0, 14).map((each) => (
          <li key={each.part}>
            <Press
              aria-pressed={each.part === chosen}
              className={clsx(styles['feverrow'], each.part === chosen && styles['current'])}
              title={told(each)}
              onClick={() => {
                onPick(each.part);
              }}
            >
              <b className={ink['m']}>{each.part}</b>
              <span className={styles['feverbar']} aria-hidden="true">
                <i style={{ left: `${at(each.low, top)}%`, width: `${at(each.high - each.low, top)}%` }} />
                <em style={{ left: `${at(each.perHundred, top)}%` }} />
              </span>
              <span>{each.perHundred.toFixed(1)}</span>
            </Press>
          </li>
        ))}
      </ul>
    </section>
  );
}

const at = (value: number, top: number) => String((100 * value) / Math.max(top, 1e-9));
