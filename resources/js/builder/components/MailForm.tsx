import { useState } from 'react';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { isWords, keep, recall } from '@/shared/keep';
import { checksOfClaim, keptClaim } from '../claim';
import { letter, mailto } from '../letter';
import { say, usePhrases } from '../phrases';
import { keptReadings, toldReadings } from '../readings';
import { keptSearch, toldChecks } from '../search';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = {
  token: string;
  page: BuilderPage;
  step: ManualStep | null;
  mail: string | null;
  onLeave: () => void;
};

/** A report as a mail that the builder sends in their own way: nothing leaves the page by itself. */
export function MailForm({ token, page, step, mail, onLeave }: Props) {
  const t = usePhrases();
  const kept = `report ${token}`;
  const [words, setWords] = useState<Record<string, string>>(() => recall(kept, isWords, {}));
  const [copied, setCopied] = useState<boolean | null>(null);
  const readings = toldReadings(page, keptReadings(token));
  const set = (field: string, value: string) => {
    const next = { ...words, [field]: value };
    setWords(next);
    setCopied(null);
    keep(kept, next);
  };
  const search = keptSearch(token);
  const claim = keptClaim(token);
  const found = claim
    ? {
        symptom: 'part-missing',
        answers: checksOfClaim(claim)
          .map(({ check, answer }) => `${check}=${answer}`)
          .join('; '),
      }
    : search && page.trouble
      ? { symptom: search.symptom, answers: toldChecks(page.trouble, search) }
      : null;
  const text = words['text'] ?? '';
  const written = letter(page, step, { text, serial: page.serial ?? words['serial'] ?? '' }, readings, found);
  const copy = () => {
    const whole = `${written.subject}\n\n${written.body}`;
    // From disk a browser may refuse; the text stands below to be marked by hand.
    const writing = (navigator as { clipboard?: Clipboard }).clipboard?.writeText(whole) ?? Promise.reject(new Error());
    writing.then(
      () => {
        setCopied(true);
      },
      () => {
        setCopied(false);
      },
    );
  };
  const ready = text.trim().length >= 3;
  return (
    <main>
      <h1>{t.report}</h1>
      <p className={clsx(ink['quiet'], styles['quiet'])}>
        {page.manual.kit}, {say(t.revision, { revision: page.manual.revision })}
        {page.serial === null ? '' : `, ${page.serial}`}
        {step ? `, ${say(t.stepLower, { step: step.number })}: ${step.title}` : ''}
      </p>
      <form
        aria-label={t.report}
        onSubmit={(event) => {
          event.preventDefault();
        }}
      >
        <label htmlFor="report-text">{t.what}</label>
        <textarea
          id="report-text"
          rows={5}
          maxLength={4000}
          value={text}
          onChange={(event) => {
            set('text', event.target.value);
          }}
        />
        {readings !== '' && <p className={clsx(ink['quiet'], styles['quiet'])}>{say(t.withReadings, { readings })}</p>}
        {found && (
          <p className={clsx(ink['quiet'], styles['quiet'])}>{say(t.withAnswers, { answers: found.answers })}</p>
        )}
        {page.serial === null && (
          <>
            <label htmlFor="report-serial">{t.serial}</label>
            <input
              id="report-serial"
              className={ink['m']}
              maxLength={40}
              value={words['serial'] ?? ''}
              onChange={(event) => {
                set('serial', event.target.value);
              }}
            />
          </>
        )}
        <p className={clsx(ink['quiet'], styles['quiet'])}>{mail === null ? t.mailNobody : say(t.mailHow, { mail })}</p>
        {copied !== null && <p role="status">{copied ? `■ ${t.copied}` : `▲ ${t.copyByHand}`}</p>}
        {copied === false && <pre className={styles['letter']}>{`${written.subject}\n\n${written.body}`}</pre>}
        <div className={styles['actions']}>
          <button type="button" className={styles['side']} onClick={onLeave}>
            {t.back}
          </button>
          <button
            type="button"
            className={mail === null ? styles['go'] : styles['side']}
            disabled={!ready}
            onClick={copy}
          >
            {t.copyText}
          </button>
          {mail !== null && (
            <a
              className={clsx(styles['go'], !ready && styles['off'])}
              {...(ready ? { href: mailto(mail, written) } : { 'aria-disabled': true })}
            >
              {t.writeMail}
            </a>
          )}
        </div>
      </form>
    </main>
  );
}
