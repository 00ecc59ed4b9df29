import { useFaults, useManual, useWriteFaq, type FaqEntry, type JudgedCause, type Report } from '@/shared/api';
import { Button, Loading, Refusal } from '@/shared/ui';
import { LinesField, TextField, useKeptForm } from '@/shared/ui/form';
import { FAQ } from '../model';
import ink from '@/shared/style/ink.module.css';
import styles from './reports.module.css';

type Props = {
  report: Report;
  revisionId: number;
  symptom: string;
  judged: JudgedCause;
  /** the symptom in words */ named: string;
};

/** Puts the case into the FAQ; what stands there already is read before anybody writes over it. */
export function FaqForm(props: Props) {
  const faults = useFaults(props.revisionId);
  if (!faults.data) return <Loading what="Reading the FAQ" fault={faults.error} />;
  const known =
    faults.data.faq.find(
      (each) => each.symptom === props.symptom && each.cause === props.judged.cause && each.part === props.judged.part,
    ) ?? null;
  // An entry that is new, or an answer sent since, is what the words begin from.
  const start = `${known?.question ?? ''} ${String(props.report.answers?.length ?? 0)}`;
  return <FaqWords key={start} {...props} known={known} />;
}

/** Question and answer, tied to the parts of the step where it went wrong. */
function FaqWords({ report, revisionId, symptom, judged, named, known }: Props & { known: FaqEntry | null }) {
  const manual = useManual(revisionId);
  const write = useWriteFaq(revisionId);
  const step = manual.data?.steps.find((each) => each.key === report.step) ?? null;
  const anchor = known
    ? known.anchor
    : judged.part !== ''
      ? judged.part.split(' and ')
      : step
        ? step.gate
          ? [step.gate.name]
          : step.parts.map((part) => part.designator)
        : [];
  const about = `${named.charAt(0).toUpperCase()}${named.slice(1)}`;
  const { form, changed, forget } = useKeptForm({
    name: `faq ${String(report.id)} ${symptom} ${judged.cause} ${judged.part}`,
    schema: FAQ,
    from: {
      // A draft begins from nobody's words: what a customer wrote, and what was answered to one, is theirs.
      question: known?.question ?? about,
      answer: known?.answer ?? '',
    },
  });
  const send = form.handleSubmit(async (words) => {
    await write
      .mutateAsync({
        symptom,
        cause: judged.cause,
        part: judged.part,
        anchor,
        published: true,
        option: known?.option ?? '',
        fromRevisionId: known?.fromRevisionId ?? null,
        toRevisionId: known?.toRevisionId ?? null,
        ...words,
      })
      .then(
        () => {
          forget(words);
        },
        // What was refused stands under the form; the words stay.
        () => undefined,
      );
  });
  return (
    <form className={styles['faqform']} aria-label="FAQ" noValidate onSubmit={(event) => void send(event)}>
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
      <TextField
        form={form}
        name="question"
        id="faq-question"
        label="question, as a customer asks it"
        maxLength={300}
        className={styles['field']}
      />
      <LinesField form={form} name="answer" id="faq-answer" label="answer" rows={4} className={styles['field']} />
      <Button type="submit" disabled={write.isPending}>
        {known ? 'Change the entry' : 'Publish in the FAQ'}
      </Button>
      {write.isSuccess && !changed && (
        <span className={ink['verdi']} role="status">
          {' '}
          ■ published
        </span>
      )}
      {write.error && <Refusal>{write.error.message}</Refusal>}
    </form>
  );
}
