import { useEffect, useRef, useState, type SyntheticEvent } from 'react';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { isWords, keep, recall } from '@/shared/keep';
import { say, usePhrases } from '../phrases';
import { keptReadings, toldReadings } from '../readings';
import { sendReport } from '../send';
import { checksOf, keepSearch, keptSearch, toldChecks } from '../search';
import { Sender } from './Sender';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = { token: string; page: BuilderPage; step: ManualStep | null; onLeave: () => void };

/** A fault report with serial, revision and step filled in; nothing typed is lost while it is not sent. */
export function ReportForm({ token, page, step, onLeave }: Props) {
  const t = usePhrases();
  const kept = `report ${token}`;
  const [words, setWords] = useState<Record<string, string>>(() => recall(kept, isWords, {}));
  const [photo, setPhoto] = useState<File | null>(null);
  const [state, setState] = useState<'writing' | 'sending' | 'sent'>('writing');
  const again = useRef<ReturnType<typeof setTimeout> | null>(null);
  useEffect(
    () => () => {
      if (again.current) clearTimeout(again.current);
    },
    [],
  );
  const [fault, setFault] = useState<string | null>(null);
  // One id for one report: pressed twice or sent again, it arrives once.
  const readings = toldReadings(page, keptReadings(token));
  const [operationId] = useState(() => crypto.randomUUID());
  const search = keptSearch(token);
  const set = (field: string, value: string) => {
    const next = { ...words, [field]: value };
    setWords(next);
    keep(kept, next);
  };
  const answers = search && page.trouble ? toldChecks(page.trouble, search) : '';
  const send = async () => {
    if (again.current) clearTimeout(again.current);
    setState('sending');
    const told = words['text'] ?? '';
    const sent = await sendReport(token, page, t, {
      operationId,
      words,
      text: readings === '' ? told : `${told}\n\n${say(t.readings, { readings })}`,
      step,
      photo,
      ...(search && page.trouble ? { symptom: search.symptom, checks: checksOf(page.trouble, search) } : {}),
    });
    if (sent.sent) {
      keep(kept, {});
      keepSearch(token, null);
      setFault(null);
      setState('sent');
      return;
    }
    setFault(sent.fault);
    setState('writing');
    // Nothing is lost: the same report under the same id goes again when the server takes it.
    if (sent.again !== null) again.current = setTimeout(() => void send(), sent.again * 1000);
  };
  const submit = (event: SyntheticEvent) => {
    event.preventDefault();
    if (state === 'writing') void send();
  };
  if (state === 'sent') {
    return (
      <main>
        <h1>{t.sent}</h1>
        <p>
          {t.thanks} {words['email'] ? t.byMail : t.noMail}
        </p>
        <div className={styles['actions']}>
          <button type="button" className={styles['go']} onClick={onLeave}>
            {t.backToStep}
          </button>
        </div>
      </main>
    );
  }
  return (
    <main>
      <h1>{t.report}</h1>
      <p className={clsx(ink['quiet'], styles['quiet'])}>
        {page.manual.kit}, {say(t.revision, { revision: page.manual.revision })}
        {page.serial === null ? '' : `, ${page.serial}`}
        {step ? `, ${say(t.stepLower, { step: step.number })}: ${step.title}` : ''}
      </p>
      <form onSubmit={submit} aria-label={t.report}>
        <label htmlFor="report-text">{t.what}</label>
        <textarea
          id="report-text"
          rows={5}
          required
          minLength={3}
          maxLength={5000}
          value={words['text'] ?? ''}
          onChange={(event) => {
            set('text', event.target.value);
          }}
        />
        {readings !== '' && <p className={clsx(ink['quiet'], styles['quiet'])}>{say(t.withReadings, { readings })}</p>}
        {answers !== '' && <p className={clsx(ink['quiet'], styles['quiet'])}>{say(t.withAnswers, { answers })}</p>}
        <label htmlFor="report-photo">{t.photo}</label>
        <input
          id="report-photo"
          type="file"
          accept="image/jpeg,image/png,image/webp"
          onChange={(event) => {
            setPhoto(event.target.files?.[0] ?? null);
          }}
        />
        <Sender form="report" page={page} words={words} written onChange={set} />
        {fault && (
          <p className={styles['refusal']} role="alert">
            ▲ {fault}
          </p>
        )}
        <div className={styles['actions']}>
          <button type="button" className={styles['side']} onClick={onLeave}>
            {t.back}
          </button>
          <button type="submit" className={styles['go']} disabled={state === 'sending'}>
            {state === 'sending' ? t.sending : t.send}
          </button>
        </div>
      </form>
    </main>
  );
}
