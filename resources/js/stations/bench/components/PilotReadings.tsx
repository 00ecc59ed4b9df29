import { useState, type SyntheticEvent } from 'react';
import type { BenchTest } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './bench.module.css';

/** What pilot builds read at this test, each against the range; a new one is logged here. */
export function PilotReadings({ test }: { test: BenchTest }) {
  const kit = useKit();
  const logged = test.pilot ?? [];
  const [build, setBuild] = useState(() => String(Math.max(1, ...logged.map((each) => each.build))));
  const [reading, setReading] = useState('');
  const log = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (reading.trim() === '') return;
    const row = {
      build: String(Math.max(1, Number(build) || 1)),
      step: `reading:${test.name}`,
      reading: reading.trim(),
    };
    if ((await kit.save([{ type: 'pilot', target: '', field: '', value: row }])) === 'saved') setReading('');
  };
  const out = logged.filter((each) => each.passes === false).length;
  return (
    <section className={styles['pilotreadings']} aria-label="Pilot readings">
      <h3>
        Pilot builds read{' '}
        {logged.length > 0 && (
          <span className={out > 0 ? ink['ochre'] : ink['quiet']}>
            {out > 0 ? `▲ ${String(out)} of ${String(logged.length)} outside` : '■ all inside'}
          </span>
        )}
      </h3>
      {logged.map((each) => (
        <p key={each.row}>
          build {each.build}: <b className={ink['m']}>{each.text}</b>{' '}
          {each.passes === null ? (
            <span className={ink['ochre']}>▲ no number to compare</span>
          ) : each.passes ? (
            <span className={ink['verdi']}>■ inside</span>
          ) : (
            <span className={ink['ochre']}>▲ outside</span>
          )}
          {kit.mayEdit && (
            <Button
              look="link"
              disabled={kit.saving}
              onClick={() => void kit.save([{ type: 'pilot', target: String(each.row), field: '', value: null }])}
            >
              take it out
            </Button>
          )}
        </p>
      ))}
      {kit.mayEdit && (
        <form onSubmit={(event) => void log(event)} aria-label="Log a reading">
          <label>
            build{' '}
            <Input
              className={styles['short']}
              inputMode="numeric"
              value={build}
              onChange={(event) => {
                setBuild(event.target.value);
              }}
            />
          </label>
          <label>
            the meter shows{' '}
            <Input
              value={reading}
              maxLength={40}
              placeholder="5.02 V"
              onChange={(event) => {
                setReading(event.target.value);
              }}
            />
          </label>
          <Button type="submit" disabled={kit.saving || reading.trim() === ''}>
            Log it
          </Button>
        </form>
      )}
    </section>
  );
}
