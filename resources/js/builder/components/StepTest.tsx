import { useState } from 'react';
import type { ManualStep } from '@/shared/api';
import { howTested } from '@/shared/format/howTested';
import { keepReading, keptReadings, unitOf, verdict } from '../readings';

/** A measurement: where, what to expect, what the meter shows, and what follows from it. */
export function StepTest({ token, test }: { token: string; test: ManualStep['tests'][number] }) {
  const [typed, setTyped] = useState(() => keptReadings(token)[test.name] ?? '');
  const how = howTested(test);
  const found = verdict(test, typed);
  const id = `reading-${test.name.replace(/\W+/g, '-')}`;
  return (
    <section className="test" aria-label={test.name}>
      <p><b>{test.name}</b><br />{how.charAt(0).toUpperCase() + how.slice(1)}. Expect <b>{test.expect}</b>.{test.adjusts ? ` Turn ${test.adjusts} until it reads so.` : ''}</p>
      {test.range && (
        <p className="reading">
          <label htmlFor={id}>It shows</label>
          <input id={id} className="m" inputMode="text" autoComplete="off" value={typed} onChange={(event) => { setTyped(event.target.value); keepReading(token, test.name, event.target.value); }} />
          <span>{unitOf(test).name}</span>
        </p>
      )}
      <p role="status">
        {typed.trim() !== '' && found === 'in' && <span className="isin">■ In range, go on.</span>}
        {typed.trim() !== '' && found === 'out' && <b>▲ Outside the range. Switch off before you touch anything.{test.otherwise === '' ? ' Go back over the last steps.' : ` Then: ${test.otherwise}.`}</b>}
        {typed.trim() !== '' && test.range && found === 'unread' && 'Write the number that the meter shows.'}
      </p>
      {!test.range && test.otherwise !== '' && <p>Otherwise: {test.otherwise}.</p>}
    </section>
  );
}
