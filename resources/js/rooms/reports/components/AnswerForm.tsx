import { useSupport, type Report } from '@/shared/api';
import { useKeptText } from '@/shared/keep';
import { Button, Refusal, TextArea } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** Answers a report; the text stays while it is not sent. */
export function AnswerForm({ report }: { report: Report }) {
  const answer = useSupport(report.id);
  const [kept, change] = useKeptText(`answer ${String(report.id)}`);
  const text = kept ?? '';
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
                change(null);
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
        {answer.error && <Refusal>{answer.error.message}</Refusal>}
      </form>
    </section>
  );
}
