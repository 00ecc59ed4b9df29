import { useState } from 'react';
import { type Cause, type FaultOrigin, type Symptom, useSupport, type Report, type Reports } from '@/shared/api';
import { Button, Input, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** Says what a report is about. The origin follows from the cause and can be corrected. */
export function JudgeForm({ report, words }: { report: Report; words: Reports }) {
  const judge = useSupport(report.id);
  const [kitId, setKit] = useState(report.kitId ?? words.kits[0]?.id ?? 0);
  const [symptom, setSymptom] = useState<Symptom | ''>(report.symptom ?? '');
  const [cause, setCause] = useState<Cause | ''>(report.cause ?? '');
  const [origin, setOrigin] = useState<FaultOrigin | ''>(report.faultOrigin ?? '');
  const [part, setPart] = useState(report.part);
  const usual = words.causes.find((each) => each.id === cause)?.faultOrigin ?? '';
  return (
    <form
      className={styles['judge']}
      aria-label="Judgement"
      onSubmit={(event) => {
        event.preventDefault();
        if (symptom === '' || cause === '') return;
        const from = origin === '' ? usual : origin;
        judge.mutate({
          what: 'judgements',
          body: { kitId, symptom, cause, faultOrigin: from === '' ? null : from, part },
        });
      }}
    >
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="judge-kit">kit</label>
        <Select
          id="judge-kit"
          value={kitId}
          onChange={(event) => {
            setKit(Number(event.target.value));
          }}
        >
          {words.kits.map((kit) => (
            <option key={kit.id} value={kit.id}>
              {kit.name}
            </option>
          ))}
        </Select>
      </div>
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="judge-symptom">what the customer notices</label>
        <Choice id="judge-symptom" value={symptom} options={words.symptoms} onChange={setSymptom} />
      </div>
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="judge-cause">what was wrong</label>
        <Choice
          id="judge-cause"
          value={cause}
          options={words.causes}
          onChange={(value) => {
            setCause(value);
            setOrigin('');
          }}
        />
      </div>
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="judge-origin">where it comes from</label>
        <Choice
          id="judge-origin"
          value={origin === '' ? usual : origin}
          options={words.faultOrigins}
          onChange={setOrigin}
        />
      </div>
      <div className={clsx(ui['field'], styles['field'])}>
        <label htmlFor="judge-part">part, if one</label>
        <Input
          id="judge-part"
          className={ink['m']}
          value={part}
          maxLength={40}
          onChange={(event) => {
            setPart(event.target.value);
          }}
        />
      </div>
      <Button type="submit" disabled={judge.isPending || symptom === '' || cause === ''}>
        {report.symptom === null ? 'Keep this judgement' : 'Change the judgement'}
      </Button>
      {judge.error && (
        <p className={clsx(ui['refusal'], styles['refusal'])} role="alert">
          {judge.error.message}
        </p>
      )}
    </form>
  );
}

function Choice<Id extends string>({
  id,
  value,
  options,
  onChange,
}: {
  id: string;
  value: Id | '';
  options: readonly { id: Id; name: string }[];
  onChange: (value: Id) => void;
}) {
  return (
    <Select
      id={id}
      value={value}
      onChange={(event) => {
        const picked = options.find((each) => each.id === event.target.value);
        if (picked) onChange(picked.id);
      }}
    >
      <option value="" disabled>
        choose
      </option>
      {options.map((each) => (
        <option key={each.id} value={each.id}>
          {each.name}
        </option>
      ))}
    </Select>
  );
}
