import { useState } from 'react';
import { useWriteFaq, type FaqEntry } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input, Press, TextArea, Refusal } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { used } from '../model';
import styles from './faults.module.css';

type Props = { entry: FaqEntry; current: boolean; mayEdit: boolean; onPick: () => void };

/** A question and its answer as customers read it; words and publishing can be changed. */
export function FaqCard({ entry, current, mayEdit, onPick }: Props) {
  const kit = useKit();
  const write = useWriteFaq(kit.id);
  const [draft, setDraft] = useState<{ question: string; answer: string } | null>(null);
  const save = (words: { question: string; answer: string }, published: boolean) => {
    write.mutate(
      {
        symptom: entry.symptom,
        cause: entry.cause,
        part: entry.part,
        anchor: entry.anchor,
        published,
        option: entry.option,
        fromRevisionId: entry.fromRevisionId,
        toRevisionId: entry.toRevisionId,
        ...words,
      },
      {
        onSuccess: () => {
          setDraft(null);
        },
      },
    );
  };
  return (
    <article className={current ? clsx(styles['faqcard'], styles['current']) : styles['faqcard']}>
      {draft ? (
        <>
          <div className={ui['field']}>
            <label htmlFor={`q-${String(entry.id)}`}>question</label>
            <Input
              id={`q-${String(entry.id)}`}
              value={draft.question}
              maxLength={300}
              onChange={(event) => {
                setDraft({ ...draft, question: event.target.value });
              }}
            />
          </div>
          <div className={ui['field']}>
            <label htmlFor={`a-${String(entry.id)}`}>answer</label>
            <TextArea
              id={`a-${String(entry.id)}`}
              rows={4}
              value={draft.answer}
              maxLength={5000}
              onChange={(event) => {
                setDraft({ ...draft, answer: event.target.value });
              }}
            />
          </div>
          {write.error && <Refusal>{write.error.message}</Refusal>}
          <p>
            <Button
              look="primary"
              disabled={write.isPending}
              onClick={() => {
                save(draft, entry.published);
              }}
            >
              Save
            </Button>{' '}
            <Button
              onClick={() => {
                setDraft(null);
              }}
            >
              Leave
            </Button>
          </p>
        </>
      ) : (
        <>
          <h3>
            <Press className={styles['name']} aria-pressed={current} onClick={onPick}>
              {entry.question}
            </Press>
          </h3>
          <p>{entry.answer}</p>
          <p className={ink['quiet']}>
            reported {entry.count} {entry.count === 1 ? 'time' : 'times'}
            {used(entry) === '' ? '' : `, ${used(entry)}`}
            {entry.step === null ? '' : `, shown at step ${String(entry.step)}`}
            {entry.published ? '' : ', not published'}
            {mayEdit && (
              <>
                {' '}
                <Button
                  look="link"
                  onClick={() => {
                    setDraft({ question: entry.question, answer: entry.answer });
                  }}
                >
                  edit
                </Button>{' '}
                <Button
                  look="link"
                  disabled={write.isPending}
                  onClick={() => {
                    save(entry, !entry.published);
                  }}
                >
                  {entry.published ? 'take back' : 'publish'}
                </Button>
              </>
            )}
          </p>
        </>
      )}
    </article>
  );
}
