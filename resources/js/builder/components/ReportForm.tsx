import { useEffect, useRef, useState, type SyntheticEvent } from 'react';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { isWords, keep, recall } from '@/shared/keep';
import { say, usePhrases } from '../phrases';
import { keptReadings, toldReadings } from '../readings';
import { checksOf, keepSearch, keptSearch, toldChecks } from '../search';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = { token: string; page: BuilderPage; step: ManualStep | null; onLeave: () => void };

const MOST = 10 * 1024 * 1024;
/** Seconds. */
const MOST_WAIT = 120;

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
    if (photo && photo.size > MOST) {
      setFault(t.photoLarge);
      return;
    }
    setState('sending');
    const form = new FormData();
    form.append('operationId', operationId);
    form.append('lang', page.manual.language ?? 'en');
    for (const field of ['text', 'serial', 'name', 'email']) form.append(field, words[field] ?? '');
    if (readings !== '') form.set('text', `${words['text'] ?? ''}\n\n${say(t.readings, { readings })}`.slice(0, 5000));
    if (page.serial !== null) form.set('serial', page.serial);
    if (step) {
      form.append('step', step.key);
      form.append('stepNumber', String(step.number));
    }
    if (search && page.trouble) {
      form.append('symptom', search.symptom);
      checksOf(page.trouble, search).forEach(({ check, answer }, index) => {
        form.append(`checks[${String(index)}][check]`, check);
        form.append(`checks[${String(index)}][answer]`, answer);
      });
    }
    if (photo) form.append('photo', photo);
    try {
      const answer = await fetch(`/api/public/${token}/reports`, {
        method: 'POST',
        body: form,
        headers: { Accept: 'application/json' },
      });
      const body = (await answer.json().catch(() => ({}))) as { message?: string };
      if (answer.status === 429) {
        // Nothing is lost: the same report under the same id goes again when the server takes it.
        const seconds = Math.min(MOST_WAIT, Math.max(1, Number(answer.headers.get('Retry-After') ?? '20')));
        setFault(say(t.tooMany, { seconds }));
        setState('writing');
        again.current = setTimeout(() => void send(), seconds * 1000);
        return;
      }
      if (!answer.ok) throw new Error(body.message ?? (answer.status === 413 ? t.photoLarge : t.notArrived));
      keep(kept, {});
      keepSearch(token, null);
      setFault(null);
      setState('sent');
    } catch (why) {
      setFault(why instanceof TypeError ? t.noConnection : (why as Error).message);
      setState('writing');
    }
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
        {page.serial === null && (
          <>
            <label htmlFor="report-serial">{t.serial}</label>
            <input
              id="report-serial"
              className={ink['m']}
              maxLength={60}
              value={words['serial'] ?? ''}
              onChange={(event) => {
                set('serial', event.target.value);
              }}
            />
          </>
        )}
        <label htmlFor="report-photo">{t.photo}</label>
        <input
          id="report-photo"
          type="file"
          accept="image/jpeg,image/png,image/webp"
          onChange={(event) => {
            setPhoto(event.target.files?.[0] ?? null);
          }}
        />
        <label htmlFor="report-name">{t.name}</label>
        <input
          id="report-name"
          maxLength={120}
          autoComplete="name"
          value={words['name'] ?? ''}
          onChange={(event) => {
            set('name', event.target.value);
          }}
        />
        <label htmlFor="report-email">{t.mail}</label>
        <input
          id="report-email"
          type="email"
          maxLength={190}
          autoComplete="email"
          value={words['email'] ?? ''}
          onChange={(event) => {
            set('email', event.target.value);
          }}
        />
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
