import type { BuilderPage } from '@/shared/api';
import { Served } from '@/shared/drawing';
import { say, usePhrases } from '../phrases';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

/** A part at its true size, as near as a screen knows it, with ten millimetres beside it to hold a ruler to. */
export function InHand({ part }: { part: BuilderPage['contents'][string] | undefined }) {
  const t = usePhrases();
  if (!part) return null;
  const long = Math.max(part.width, part.height);
  return (
    <figure className={styles['inhand']}>
      <div style={{ width: `${String(part.width)}mm`, height: `${String(part.height)}mm` }}>
        <Served svg={part.svg} />
      </div>
      <span className={styles['tenmm']} aria-hidden="true" />
      <figcaption className={clsx(ink['quiet'], styles['quiet'])}>
        {part.isTrue ? say(t.trueSize, { long: Math.round(long) }) : t.notTrueSize}
      </figcaption>
    </figure>
  );
}
