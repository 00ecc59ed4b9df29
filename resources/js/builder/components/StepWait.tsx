import type { ManualStep } from '@/shared/api';
import { say, usePhrases, type Phrases } from '../phrases';
import { minutesLeft, type Wait } from '../waits';
import styles from '../builder.module.css';

/** Hours and minutes in words. */
export function spoken(minutes: number, t: Phrases): string {
  return minutes < 60
    ? say(t.minutes, { minutes })
    : say(t.hours, { hours: Math.floor(minutes / 60), minutes: minutes % 60 });
}

type Props = { step: ManualStep; wait: Wait | null; now: number; onStart: () => void; onStop: () => void };

/** The clock of a step at whose end something cures. */
export function StepWait({ step, wait, now, onStart, onStop }: Props) {
  const t = usePhrases();
  const left = wait === null ? null : minutesLeft(wait, now);
  return (
    <section className={styles['test']} aria-label={t.startClock}>
      <p>{say(t.waits, { time: spoken(Math.round(step.wait ?? 0), t) })}</p>
      {left === null ? (
        <button type="button" className={styles['side']} onClick={onStart}>
          {t.startClock}
        </button>
      ) : (
        <p role="timer">
          <b>{left === 0 ? `■ ${t.over}` : say(t.left, { time: spoken(left, t) })}</b>{' '}
          <button type="button" className={styles['link']} onClick={onStop}>
            {t.stopClock}
          </button>
        </p>
      )}
    </section>
  );
}
