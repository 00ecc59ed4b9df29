import { useState, type SyntheticEvent } from 'react';
import { keepPilotPhoto, type ManualStep } from '@/shared/api';
import { useKit } from '@/shared/kit';

type Props = { build: number; step: ManualStep; onLeave: () => void };

/** What went wrong at a step, with a photograph where one helps; it becomes a matter to settle. */
export function Snag({ build, step, onLeave }: Props) {
  const kit = useKit();
  const [text, setText] = useState('');
  const [photo, setPhoto] = useState<File | null>(null);
  const [fault, setFault] = useState('');
  const send = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (text.trim() === '') return;
    try {
      const kept = photo === null ? '' : await keepPilotPhoto(kit.id, photo);
      // The snag has a row of its own under the step's action and parts, so that the step can still be logged with its time.
      const saved = await kit.save([
        {
          type: 'pilot',
          target: '',
          field: '',
          value: {
            build: String(build),
            step: `snag ${step.key}`,
            minutes: '',
            snag: text.trim(),
            settled: '',
            photo: kept,
          },
        },
      ]);
      if (saved === 'saved') onLeave();
    } catch (why) {
      setFault((why as Error).message);
    }
  };
  return (
    <form className="snag" aria-label="A snag" onSubmit={(event) => void send(event)}>
      <div className="field">
        <label htmlFor="snag-text">what went wrong at step {step.number}</label>
        <textarea
          id="snag-text"
          rows={2}
          maxLength={500}
          required
          value={text}
          ref={(field) => {
            if (text === '') field?.focus();
          }}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
      </div>
      <div className="field">
        <label htmlFor="snag-photo">photograph</label>
        <input
          id="snag-photo"
          type="file"
          accept="image/jpeg,image/png,image/webp"
          capture="environment"
          onChange={(event) => {
            setPhoto(event.target.files?.[0] ?? null);
          }}
        />
      </div>
      {fault !== '' && (
        <p className="refusal" role="alert">
          {fault}
        </p>
      )}
      <p>
        <button type="submit" className="btn pri" disabled={kit.saving}>
          Note it
        </button>{' '}
        <button type="button" className="btn" onClick={onLeave}>
          Leave
        </button>
      </p>
    </form>
  );
}
