import { useSupport, type Report, type Reports } from '@/shared/api';
import { Button, Refusal } from '@/shared/ui';
import { ChoiceField, TextField, useKeptForm } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import { JUDGEMENT } from '../model';
import styles from './reports.module.css';

/** Says what a report is about. The origin follows from the cause and can be corrected. */
export function JudgeForm({ report, words }: { report: Report; words: Reports }) {
  const judge = useSupport(report.id);
  const {
    form,
    words: said,
    forget,
  } = useKeptForm({
    name: `judgement ${String(report.id)}`,
    schema: JUDGEMENT,
    from: {
      kitId: String(report.kitId ?? words.kits[0]?.id ?? ''),
      symptom: report.symptom ?? '',
      cause: report.cause ?? '',
      faultOrigin: report.faultOrigin ?? '',
      part: report.part,
    },
  });
  // Another cause comes from somewhere else; what was corrected for the one before does not hold.
  form.register('cause', {
    onChange: () => {
      form.setValue('faultOrigin', '');
    },
  });
  const usual = words.causes.find((each) => each.id === said.cause)?.faultOrigin ?? null;
  const send = form.handleSubmit((judged) => {
    const symptom = words.symptoms.find((each) => each.id === judged.symptom)?.id;
    const cause = words.causes.find((each) => each.id === judged.cause)?.id;
    if (symptom === undefined || cause === undefined) return;
    const faultOrigin = words.faultOrigins.find((each) => each.id === judged.faultOrigin)?.id ?? usual;
    judge.mutate(
      { what: 'judgements', body: { kitId: Number(judged.kitId), symptom, cause, faultOrigin, part: judged.part } },
      {
        onSuccess: () => {
          forget(judged);
        },
      },
    );
  });
  const named = (all: readonly { id: string; name: string }[]) => all.map((each) => [each.id, each.name] as const);
  const choice = (
    name: 'kitId' | 'symptom' | 'cause' | 'faultOrigin',
    id: string,
    label: string,
    choices: readonly (readonly [string, string])[],
    ask?: string,
  ) => (
    <ChoiceField
      form={form}
      name={name}
      id={id}
      label={label}
      choices={choices}
      className={styles['field']}
      {...(ask === undefined ? {} : { ask })}
    />
  );
  const from = words.faultOrigins.find((each) => each.id === usual)?.name;
  return (
    <form className={styles['judge']} aria-label="Judgement" noValidate onSubmit={(event) => void send(event)}>
      {choice(
        'kitId',
        'judge-kit',
        'kit',
        words.kits.map((kit) => [String(kit.id), kit.name] as const),
      )}
      {choice('symptom', 'judge-symptom', 'what the customer notices', named(words.symptoms), 'choose')}
      {choice('cause', 'judge-cause', 'what was wrong', named(words.causes), 'choose')}
      {choice('faultOrigin', 'judge-origin', 'where it comes from', [
        ['', from === undefined ? 'as the cause says' : `as the cause says: ${from}`],
        ...named(words.faultOrigins),
      ])}
      <TextField
        form={form}
        name="part"
        id="judge-part"
        label="part, if one"
        control={ink['m']}
        className={styles['field']}
      />
      <Button type="submit" disabled={judge.isPending}>
        {report.symptom === null ? 'Keep this judgement' : 'Change the judgement'}
      </Button>
      {judge.error && <Refusal>{judge.error.message}</Refusal>}
    </form>
  );
}
