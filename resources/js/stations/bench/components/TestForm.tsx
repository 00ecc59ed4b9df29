import { useDeferredValue, useState, type SyntheticEvent } from 'react';
import { useReadingTrial, type Bench, type BenchTest } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { draftOf, EMPTY, fileOf, type Draft } from '../model';
import { TolerancePicture } from './TolerancePicture';
import { Button, Input, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

type Props = { test: BenchTest | null; bench: Bench; onSaved: (name: string) => void; onLeave: () => void };

/** One test: what is measured where, and what it expects with the range worked out while it is typed. */
export function TestForm({ test, bench, onSaved, onLeave }: Props) {
  const kit = useKit();
  const [draft, setDraft] = useState<Draft>(() => (test ? draftOf(test) : EMPTY));
  const { expect, accuracy, adjusts } = useDeferredValue(draft);
  const asked = { expect, accuracy, adjusts };
  const trial = useReadingTrial(kit.id, asked);
  const worked = draft.expect.trim() === '' ? null : (trial.data ?? null);
  const set = (field: keyof Draft) => (event: { target: { value: string } }) => {
    setDraft((now) => ({ ...now, [field]: event.target.value }));
  };
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (draft.name.trim() === '') return;
    if ((await kit.save([{ type: 'test', target: test?.name ?? '', field: '', value: fileOf(draft) }])) === 'saved')
      onSaved(draft.name.trim());
  };
  const remove = async () => {
    if (test && (await kit.save([{ type: 'test', target: test.name, field: '', value: null }])) === 'saved') onLeave();
  };
  const text = (
    field: keyof Draft,
    label: string,
    rest: { placeholder?: string; required?: boolean; list?: string; className?: string | undefined } = {},
  ) => (
    <div className={ui['field']}>
      <label htmlFor={`test-${field}`}>{label}</label>
      <Input
        id={`test-${field}`}
        value={draft[field]}
        disabled={!kit.mayEdit}
        autoComplete="off"
        onChange={set(field)}
        {...rest}
      />
    </div>
  );
  const choice = (field: keyof Draft, label: string, choices: readonly (readonly [string, string])[]) => (
    <div className={ui['field']}>
      <label htmlFor={`test-${field}`}>{label}</label>
      <Select id={`test-${field}`} value={draft[field]} disabled={!kit.mayEdit} onChange={set(field)}>
        {choices.map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </Select>
    </div>
  );
  return (
    <form
      className={styles['testform']}
      aria-label={test ? `Test ${test.name}` : 'A new test'}
      onSubmit={(event) => void save(event)}
    >
      {text('expect', 'expects', {
        placeholder: '4.8 to 5.2 V, or divider(5 V, R1, R2)',
        className: styles['formula'],
      })}
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
        {text('name', 'name of the test', { required: true })}
        {text('points', 'between the points', { placeholder: 'TP1, TP2' })}
        {choice('gate', 'belongs to gate', [['', 'no gate'], ...bench.gates.map((gate) => [gate, gate] as const)])}
        {choice('adjusts', 'turned while it is read', [
          ['', 'nothing'],
          ...bench.adjusters.map((name) => [name, name] as const),
        ])}
        {text('instrument', 'read with')}
        {text('accuracy', 'error of the instrument', { placeholder: '1 %' })}
        {choice('power', 'power', [
          ['on', 'on'],
          ['off', 'off'],
        ])}
        {text('settings', 'set to', { placeholder: '20 V range' })}
      </div>
      {text('otherwise', 'outside the range, do this', { placeholder: 'check D1 for direction' })}
      {kit.mayEdit && (
        <p className={styles['acts']}>
          <Button type="submit" look="primary" disabled={kit.saving || draft.name.trim() === ''}>
            Save the test
          </Button>
          <Button onClick={onLeave}>Leave</Button>
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
