import { useState } from 'react';
import { useSupport, type Report } from '@/shared/api';
import { isText, keep, recall } from '@/shared/keep';
import { Button, TextArea } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** Answers a report; the text stays while it is not sent. */
export function AnswerForm({ report }: { report: Report }) {
  const answer = useSupport(report.id);
  const kept = `answer ${String(report.id)}`;
  const [text, setText] = useState(() => recall(kept, isText, ''));
  const change = (value: string) => {
    setText(value);
    keep(kept, value === '' ? null : value);
  };
  return (
    <section aria-label="Answers">
      {(report.answers ?? []).map((each) => (
        <p key={`${each.at} ${each.text}`} className={styles['sent']}>
          <span className={ink['quiet']}>
            {each.at.slice(0, 10)} {each.by}
          </span>{' '}
          {each.text}
        </p>
      ))}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          answer.mutate(
            { what: 'answers', body: { text } },
            {
              onSuccess: () => {
                change('');
              },
            },
          );
        }}
      >
        <div className={clsx(ui['field'], styles['field'])}>
          <label htmlFor="answer-text">
            answer{report.hasAddress ? ', goes out by mail' : '; no mail address, it is kept here'}
          </label>
          <TextArea
            id="answer-text"
            rows={4}
            value={text}
            maxLength={10000}
            onChange={(event) => {
              change(event.target.value);
            }}
          />
        </div>
        <Button type="submit" look="primary" disabled={answer.isPending || text.trim().length < 3}>
          {report.hasAddress ? 'Send the answer' : 'Keep the answer'}
        </Button>
        {answer.error && (
          <p className={clsx(ui['refusal'], styles['refusal'])} role="alert">
            {answer.error.message}
          </p>
        )}
      </form>
    </section>
  );
}
