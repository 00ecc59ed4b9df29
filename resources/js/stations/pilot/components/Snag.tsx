import { useState, type SyntheticEvent } from 'react';
import { keepPilotPhoto, type ManualStep } from '@/shared/api';
import { useKeptText } from '@/shared/keep';
import { useKit } from '@/shared/kit';
import { PhotoField, Button, TextArea, Refusal } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';
import styles from './pilot.module.css';

type Props = { build: number; step: ManualStep; onLeave: () => void };

/** What went wrong at a step, with a photograph where one helps; it becomes a matter to settle. */
export function Snag({ build, step, onLeave }: Props) {
  const kit = useKit();
  const [kept, write] = useKeptText(`snag ${String(kit.id)} ${step.key}`);
  const text = kept ?? '';
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
      if (saved !== 'saved') return;
      write(null);
      onLeave();
    } catch (why) {
      setFault((why as Error).message);
    }
  };
  return (
    <form className={styles['snag']} aria-label="A snag" onSubmit={(event) => void send(event)}>
      <div className={ui['field']}>
        <label htmlFor="snag-text">what went wrong at step {step.number}</label>
        <TextArea
          id="snag-text"
          rows={2}
          maxLength={500}
          required
          value={text}
          ref={(field) => {
            if (text === '') field?.focus();
          }}
          onChange={(event) => {
            write(event.target.value);
          }}
        />
      </div>
      <PhotoField id="snag-photo" label="photograph" camera onPhoto={setPhoto} />
      {fault !== '' && <Refusal>{fault}</Refusal>}
      <p>
        <Button type="submit" look="primary" disabled={kit.saving}>
          Note it
        </Button>{' '}
        <Button
          onClick={() => {
            write(null);
            onLeave();
          }}
        >
          Leave
        </Button>
      </p>
    </form>
  );
}
