import { useState } from 'react';
import { useBringIn, useIntake, type Intake } from '@/shared/api';
import { useKeptText } from '@/shared/keep';
import { Button, Dialog, FileButton, Progress, Refusal, TextArea } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { broughtIn } from '../model';
import styles from './reports.module.css';

/** Letters from files or pasted: a mail, a mailbox, a table, JSON lines, the block of the builder's page. */
export function BringIn() {
  const [open, setOpen] = useState(false);
  const [text, write] = useKeptText('pasted letter');
  const [id, setId] = useState<number | null>(null);
  const bring = useBringIn();
  const intake = useIntake(id).data ?? null;
  const busy = bring.isPending || (intake !== null && intake.status !== 'done' && intake.status !== 'failed');
  const take = (brought: { file: File } | { text: string }) => {
    setId(null);
    bring.mutate(
      { operationId: crypto.randomUUID(), ...brought },
      {
        onSuccess: (now) => {
          setId(now.id);
          if ('text' in brought) write(null);
        },
      },
    );
  };
  const leave = () => {
    setOpen(false);
    setId(null);
    bring.reset();
  };
  return (
    <>
      <Button
        onClick={() => {
          setOpen(true);
        }}
      >
        Bring letters in
      </Button>
      <Dialog
        open={open}
        title="Letters from elsewhere"
        onLeave={leave}
        actions={<Button onClick={leave}>{busy ? 'Go on behind' : 'Done'}</Button>}
      >
        <div className={styles['typein']}>
          <p className={ink['quiet']}>
            A mail (.eml), a whole mailbox (mbox), a table or JSON lines with a column <b>text</b>, the block of the
            builder’s page. Nothing is taken twice, nothing is dropped.
          </p>
          <FileButton
            label="Choose a file"
            disabled={busy}
            onFiles={([file]) => {
              if (file) take({ file });
            }}
          />
          <label htmlFor="pasted-letter">or paste a letter</label>
          <TextArea
            id="pasted-letter"
            rows={5}
            maxLength={200000}
            value={text ?? ''}
            onChange={(event) => {
              write(event.target.value);
            }}
          />
          <p>
            <Button
              disabled={busy || (text ?? '').trim().length < 3}
              onClick={() => {
                take({ text: text ?? '' });
              }}
            >
              Take this letter
            </Button>
          </p>
          {bring.error && <Refusal>{bring.error.message}</Refusal>}
          {intake && <Taken intake={intake} />}
        </div>
      </Dialog>
    </>
  );
}

function Taken({ intake }: { intake: Intake }) {
  if (intake.status === 'failed') return <Refusal>{intake.fault ?? 'It could not be read.'}</Refusal>;
  if (intake.status !== 'done') return <Progress label={`Reading ${intake.name}`} value={intake.progress} />;
  return (
    <div role="status">
      <p className={ink['verdi']}>■ {broughtIn(intake)}</p>
      {intake.problems.length > 0 && (
        <ul className={styles['problems']}>
          {intake.problems.map((problem) => (
            <li key={`${String(problem.row)} ${problem.code}`} className={ink['ochre']}>
              ▲ row {problem.row}, {problem.column}: {problem.message}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
