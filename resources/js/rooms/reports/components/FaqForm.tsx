import { useState } from 'react';
import { useFaults, useManual, useWriteFaq, type Cause, type Report, type Symptom } from '@/shared/api';
import { Button, Input, TextArea } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

type Props = { report: Report; revisionId: number; symptom: Symptom; cause: Cause };

/** Puts the case into the FAQ: question and answer, tied to the parts of the step where it went wrong. */
export function FaqForm({ report, revisionId, symptom, cause }: Props) {
  const faults = useFaults(revisionId);
  const manual = useManual(revisionId);
  const write = useWriteFaq(revisionId);
  const known = faults.data?.faq.find((entry) => entry.symptom === symptom && entry.cause === cause) ?? null;
  const [draft, setDraft] = useState<{ question: string; answer: string } | null>(null);
  const step = manual.data?.steps.find((each) => each.key === report.step) ?? null;
  const anchor = known
    ? known.anchor
    : report.part !== ''
      ? [report.part]
      : step
        ? step.gate
          ? [step.gate.name]
          : step.parts.map((part) => part.designator)
        : [];
  const now = draft ?? {
    question: known?.question ?? report.text.slice(0, 300),
    answer: known?.answer ?? report.answers?.at(-1)?.text ?? '',
  };
  return (
    <form
      className={styles['faqform']}
      aria-label="FAQ"
      onSubmit={(event) => {
        event.preventDefault();
        write.mutate(
          { symptom, cause, anchor, published: true, ...now },
          {
            onSuccess: () => {
              setDraft(null);
            },
          },
        );
      }}
    >
      <h2>
        {known
          ? `In the FAQ, reported ${String(known.count)} ${known.count === 1 ? 'time' : 'times'}`
          : 'Not in the FAQ yet'}
      </h2>
      <p className={ink['quiet']}>
        {anchor.length === 0
          ? 'At no step.'
          : `Shown at the step of ${anchor.join(', ')}${known?.step ? `, step ${String(known.step)}` : ''}.`}
      </p>
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="faq-question">question, as a customer asks it</label>
        <Input
          id="faq-question"
          value={now.question}
          maxLength={300}
          onChange={(event) => {
            setDraft({ ...now, question: event.target.value });
          }}
        />
      </div>
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="faq-answer">answer</label>
        <TextArea
          id="faq-answer"
          rows={4}
          value={now.answer}
          maxLength={5000}
          onChange={(event) => {
            setDraft({ ...now, answer: event.target.value });
          }}
        />
      </div>
      <Button
        type="submit"

        disabled={write.isPending || now.question.trim().length < 3 || now.answer.trim().length < 3}
      >
        {known ? 'Change the entry' : 'Publish in the FAQ'}
      </Button>
      {write.isSuccess && !draft && (
        <span className={clsx(ink['verdi'], styles['verdi'])} role="status">
          {' '}
          ■ published
        </span>
      )}
      {write.error && (
        <p className={clsx(ui['refusal'], styles['refusal'])} role="alert">
          {write.error.message}
        </p>
      )}
    </form>
  );
}
