import { Served } from '@/shared/drawing';
import { useState } from 'react';
import type { ManualStep } from '@/shared/api';
import { howTested } from '@/shared/format/howTested';
import { say, usePhrases } from '../phrases';
import { keepReading, keptReadings, unitOf, verdict } from '../readings';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

/** A measurement: where, what to expect, what the meter shows, and what follows from it. */
export function StepTest({ token, test }: { token: string; test: ManualStep['tests'][number] }) {
  const [typed, setTyped] = useState(() => keptReadings(token)[test.name] ?? '');
  const t = usePhrases();
  const how = howTested(test, { powerOff: t.powerOff, fromTo: (from, to) => say(t.fromTo, { from, to }) });
  const found = verdict(test, typed);
  const id = `reading-${test.name.replace(/\W+/g, '-')}`;
  return (
    <section className={styles['test']} aria-label={test.name}>
      <p>
        <b>{test.name}</b>
        <br />
        {how.charAt(0).toUpperCase() + how.slice(1)}. <b>{say(t.expect, { expect: test.expect })}</b>
        {test.adjusts ? ` ${say(t.turnUntil, { adjuster: test.adjusts })}` : ''}
      </p>
      {typeof test.trace === 'string' && <Served svg={test.trace} />}
      {test.range && (
        <p className={styles['reading']}>
          <label htmlFor={id}>{t.shows}</label>
          <input
            id={id}
            className={ink['m']}
            inputMode="text"
            autoComplete="off"
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
              keepReading(token, test.name, event.target.value);
            }}
          />
          <span>{unitOf(test).name}</span>
        </p>
      )}
      <p role="status">
        {typed.trim() !== '' && found === 'in' && <span className={styles['isin']}>■ {t.inRange}</span>}
        {typed.trim() !== '' && found === 'out' && (
          <b>
            ▲ {t.outOfRange} {test.otherwise === '' ? t.lookBack : say(t.then, { otherwise: test.otherwise })}
          </b>
        )}
        {typed.trim() !== '' && test.range && found === 'unread' && t.writeNumber}
      </p>
      {!test.range && test.otherwise !== '' && <p>{say(t.otherwiseDo, { otherwise: test.otherwise })}</p>}
    </section>
  );
}
