import { Served } from '@/shared/drawing';
import { useDeferredValue } from 'react';
import { useReadingTrial, type Bench, type BenchTest, type Change } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { draftOf, EMPTY, fileOf, TEST, type Draft } from '../model';
import { TolerancePicture } from './TolerancePicture';
import { Button } from '@/shared/ui';
import { ChoiceField, TextField, useKeptForm } from '@/shared/ui/form';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

type Props = { test: BenchTest | null; bench: Bench; onSaved: (name: string) => void; onLeave: () => void };

/** One test: what is measured where, and what it expects with the range worked out while it is typed. */
export function TestForm({ test, bench, onSaved, onLeave }: Props) {
  const kit = useKit();
  const {
    form,
    words: draft,
    forget,
  } = useKeptForm({
    name: `test ${String(kit.id)} ${test?.name ?? ''}`,
    schema: TEST,
    from: test ? draftOf(test) : EMPTY,
  });
  const { expect, accuracy, adjusts } = useDeferredValue(draft);
  const asked = { expect, accuracy, adjusts };
  const trial = useReadingTrial(kit.id, asked);
  const worked = draft.expect.trim() === '' ? null : (trial.data ?? null);
  const save = form.handleSubmit(async (words) => {
    const changes: Change[] = [{ type: 'test', target: test?.name ?? '', field: '', value: fileOf(words) }];
    if ((await kit.save(changes)) !== 'saved') return;
    forget(words);
    onSaved(words.name);
  });
  const remove = async () => {
    if (test && (await kit.save([{ type: 'test', target: test.name, field: '', value: null }])) === 'saved') onLeave();
  };
  const text = (field: keyof Draft, label: string, placeholder = '', control?: string) => (
    <TextField
      form={form}
      name={field}
      id={`test-${field}`}
      label={label}
      placeholder={placeholder}
      control={control}
      disabled={!kit.mayEdit}
    />
  );
  const choice = (field: keyof Draft, label: string, choices: readonly (readonly [string, string])[]) => (
    <ChoiceField
      form={form}
      name={field}
      id={`test-${field}`}
      label={label}
      choices={choices}
      disabled={!kit.mayEdit}
    />
  );
  return (
    <form
      className={styles['testform']}
      aria-label={test ? `Test ${test.name}` : 'A new test'}
      noValidate
      onSubmit={(event) => void save(event)}
    >
      {text('expect', 'expects', '4.8 to 5.2 V, or divider(5 V, R1, R2)', styles['formula'])}
      {worked && worked.fault !== '' && (
        <p className={ink['ochre']} role="alert">
          ▲ {worked.fault}
        </p>
      )}
      {worked && worked.fault === '' && (
        <div className={styles['worked']} aria-live="polite">
          <p>
            The manual prints: expect <b>{worked.printed}</b>
          </p>
          <TolerancePicture
            test={{ ...worked, pilot: test?.pilot ?? [], adjusts: draft.adjusts === '' ? null : draft.adjusts }}
          />
          {worked.reading && (
            <details open={kit.why}>
              <summary>Why?</summary>
              <ul className={clsx(ui['why'], styles['why'])}>
                {worked.reading.why.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </details>
          )}
        </div>
      )}
      <div className={styles['two']}>
        {text('name', 'name of the test')}
        {text('points', 'between the points', 'TP1, TP2')}
        {choice('gate', 'belongs to gate', [['', 'no gate'], ...bench.gates.map((gate) => [gate, gate] as const)])}
        {choice('adjusts', 'turned while it is read', [
          ['', 'nothing'],
          ...bench.adjusters.map((name) => [name, name] as const),
        ])}
        {text('instrument', 'read with')}
        {text('accuracy', 'error of the instrument', '1 %')}
        {choice('power', 'power', [
          ['on', 'on'],
          ['off', 'off'],
        ])}
        {text('settings', 'set to', '20 V range')}
      </div>
      <details open={draft.shape !== ''}>
        <summary>What an oscilloscope shows</summary>
        <div className={styles['two']}>
          {choice('shape', 'shape', [
            ['', 'no trace'],
            ['square', 'square'],
            ['sine', 'sine'],
            ['triangle', 'triangle'],
            ['saw', 'sawtooth'],
            ['flat', 'flat'],
          ])}
          {text('duty', 'high for, %', '50')}
          {text('low', 'from, V', '0')}
          {text('high', 'to, V', '5')}
        </div>
        <p className={ink['quiet']}>How often it repeats is what the test expects, in hertz: astable(R1, R2, C1).</p>
      </details>
      {typeof test?.trace === 'string' && <Served svg={test.trace} />}
      {text('otherwise', 'outside the range, do this', 'check D1 for direction')}
      {kit.mayEdit && (
        <p className={styles['acts']}>
          <Button type="submit" look="primary" disabled={kit.saving}>
            Save the test
          </Button>
          <Button
            onClick={() => {
              forget();
              onLeave();
            }}
          >
            Leave
          </Button>
          {test && (
            <Button look="link" disabled={kit.saving} onClick={() => void remove()}>
              take it out
            </Button>
          )}
        </p>
      )}
      <Formulas bench={bench} />
    </form>
  );
}

/** What a formula can name; copied by eye. */
function Formulas({ bench }: { bench: Bench }) {
  return (
    <details className={styles['formulas']}>
      <summary>What a formula can name</summary>
      <ul>
        {bench.functions.map((each) => (
          <li key={each.name}>
            <code className={ink['m']}>
              {each.name}({each.arguments})
            </code>{' '}
            <span className={ink['quiet']}>{each.unit === 'ohm' ? 'Ω' : each.unit}</span>
          </li>
        ))}
      </ul>
      <p>
        Parts by their name, numbers with their unit, + − * / and brackets. A unit behind the whole names what your own
        arithmetic gives: <code className={ink['m']}>1.44 / ((R1 + 2 * R2) * C1) Hz</code>. A range before an equals
        sign is what an adjuster has to reach.
      </p>
    </details>
  );
}
