import { useReport, type Report, type Reports, type Stack } from '@/shared/api';
import { Button, Loading, OutLink } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { flagText } from '../model';
import { Folded } from './Folded';
import { FaqForm } from './FaqForm';
import { JudgeForm } from './JudgeForm';
import { MailState } from './SentMails';
import { Margin } from './Margin';
import { Origin } from './Origin';
import { Traced } from './Traced';
import styles from './sheet.module.css';

type Props = {
  id: number;
  stack: Stack | null;
  words: Reports;
  onOpen: (id: number) => void;
  onLeave: () => void;
};

/** One letter as it lies open: the customer's words, and in the margin what the kit itself says of it. */
export function Sheet({ id, stack, words, onOpen, onLeave }: Props) {
  const report = useReport(id);
  if (report.error) return <p className={ui['loading']}>{report.error.message}</p>;
  if (!report.data) return <Loading what="Opening the letter" />;
  const now = report.data;
  const others = (stack?.reports ?? []).filter((each) => each !== id);
  return (
    <section className={clsx(ui['scroll'], styles['sheet'])} aria-label="The letter" tabIndex={-1}>
      <p className={styles['lead']}>
        <Button look="link" onClick={onLeave}>
          Lay it back
        </Button>
        {others.length > 0 && (
          <span className={ink['quiet']}>
            {' '}
            {others.length + 1} letters say the same:{' '}
            {others.slice(0, 12).map((other) => (
              <Button
                key={other}
                look="link"
                onClick={() => {
                  onOpen(other);
                }}
              >
                {other}
              </Button>
            ))}
          </span>
        )}
      </p>
      <div className={styles['spread']}>
        <div>
          <Origin report={now} />
          <Thread report={now} />
          <Files report={now} />
          <Checks report={now} />
        </div>
        <Margin key={id} report={now} stack={stack} />
      </div>
      {now.revisionId !== null && (
        <details className={styles['found']}>
          <summary>Board and circuit</summary>
          <Traced key={now.revisionId} id={now.revisionId} />
        </details>
      )}
      <details className={styles['found']} open={now.judged}>
        <summary>What it was</summary>
        <JudgeForm key={`${String(id)} ${now.symptom ?? ''}`} report={now} words={words} />
        {now.symptom !== null &&
          now.revisionId !== null &&
          now.causes.map((judged) => (
            <FaqForm
              key={`${now.symptom ?? ''} ${judged.cause} ${judged.part}`}
              named={words.symptoms.find((each) => each.id === now.symptom)?.name ?? now.symptom ?? ''}
              report={now}
              revisionId={now.revisionId ?? 0}
              symptom={now.symptom ?? ''}
              judged={judged}
            />
          ))}
      </details>
    </section>
  );
}

/** What was written to and fro, in its order. */
function Thread({ report }: { report: Report }) {
  const letters = report.letters ?? [];
  const mails = report.mails ?? [];
  const kept = (report.answers ?? []).filter((answer) => !mails.some((mail) => mail.body === answer.text));
  const rows = [
    ...(letters.length === 0
      ? [{ at: report.at, key: 'report', node: <blockquote>{report.text}</blockquote> }]
      : letters.map((letter) => ({
          at: letter.at,
          key: `letter ${String(letter.id)}`,
          node: (
            <>
              <blockquote>{letter.text === '' ? letter.subject : letter.text}</blockquote>
              {letter.flags.map((flag) => (
                <p key={flag.code} className={ink['ochre']}>
                  ▲ {flagText(flag)}
                </p>
              ))}
              {letter.folded !== '' && <Folded text={letter.folded} />}
            </>
          ),
        }))),
    ...mails.map((mail) => ({
      at: mail.at,
      key: `mail ${String(mail.id)}`,
      node: (
        <div className={styles['ours']}>
          <p>{mail.body}</p>
          <MailState mail={mail} />
        </div>
      ),
    })),
    ...kept.map((answer) => ({
      at: answer.at,
      key: `answer ${answer.at}`,
      node: (
        <div className={styles['ours']}>
          <p>{answer.text}</p>
          <p className={ink['quiet']}>kept here, by {answer.by}</p>
        </div>
      ),
    })),
  ].sort((a, b) => a.at.localeCompare(b.at));
  return (
    <>
      {rows.map((row) => (
        <div key={row.key}>{row.node}</div>
      ))}
    </>
  );
}

function Files({ report }: { report: Report }) {
  return (
    <>
      {(report.files ?? []).map((file) => {
        const address = `/api/reports/${String(report.id)}/files/${String(file.id)}`;
        return (
          <OutLink key={file.id} href={address} target="_blank" rel="noreferrer">
            {file.photo ? (
              <img src={address} alt={`sent by the customer: ${file.name}`} />
            ) : (
              `${file.name}, ${String(Math.ceil(file.bytes / 1024))} kB, can only be saved`
            )}
          </OutLink>
        );
      })}
    </>
  );
}

function Checks({ report }: { report: Report }) {
  const checks = report.checks ?? [];
  if (checks.length === 0) return null;
  return (
    <div className={styles['checks']}>
      <h2>Looked at already</h2>
      <ul>
        {checks.map(({ check, answer }) => (
          <li key={`${check} ${answer}`}>
            {check}: <b>{answer}</b>
          </li>
        ))}
      </ul>
    </div>
  );
}
