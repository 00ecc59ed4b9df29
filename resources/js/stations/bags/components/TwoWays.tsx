import type { Bags } from '@/shared/api';
import { minutes, wayPoints } from '../ways';
import ink from '@/shared/style/ink.module.css';
import styles from './bags.module.css';

const WIDE = 300;
const HIGH = 96;

/** How long a run takes by either way of packing: two lines that cross where line by line begins to win. */
export function TwoWays({ ways }: { ways: NonNullable<Bags['ways']> }) {
  const { kits, line, bag, at } = wayPoints(ways, WIDE, HIGH);
  return (
    <section className={styles['first']} aria-label="Line by line or bag by bag">
      <h2>Line by line or bag by bag</h2>
      <p className={ink['quiet']}>
        {ways.crossing === null
          ? 'Bag by bag is quicker for any number of kits.'
          : `From ${String(ways.crossing)} kits on, line by line is quicker.`}{' '}
        {kits} kits take about {minutes(ways.lineStart + kits * ways.lineEach)} line by line,{' '}
        {minutes(kits * ways.bagEach)} bag by bag. Usual times of the bench, common practice.
      </p>
      <svg
        className={styles['ways']}
        viewBox={`0 0 ${String(WIDE)} ${String(HIGH + 14)}`}
        role="img"
        aria-label={`Minutes against kits, up to ${String(kits)} kits`}
      >
        <path d={`M0 ${String(HIGH)}H${String(WIDE)}M0 0V${String(HIGH)}`} className={styles['axis']} />
        <path d={line} className={styles['byline']} />
        <path d={bag} className={styles['bybag']} />
        {at && <circle cx={at.x} cy={at.y} r="4" className={styles['cross']} />}
        <text x={WIDE} y={HIGH + 12} textAnchor="end">
          {kits} kits
        </text>
      </svg>
      <p className={styles['legend']}>
        <span className={styles['byline']}>━ line by line</span> <span className={styles['bybag']}>┅ bag by bag</span>
      </p>
    </section>
  );
}
