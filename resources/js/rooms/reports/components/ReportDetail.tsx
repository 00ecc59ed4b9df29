import { useReport, type Report, type Reports } from '@/shared/api';
import { AnswerForm } from './AnswerForm';
import { FaqForm } from './FaqForm';
import { JudgeForm } from './JudgeForm';
import { Traced } from './Traced';
import { Button, Loading, OutLink, TextLink } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** One report: the customer's words and where they come from; judgement, answer, FAQ. */
export function ReportDetail({ id, words, onOpen }: { id: number; words: Reports; onOpen: (id: number) => void }) {
  const report = useReport(id);
  if (report.error) return <p className={ui['loading']}>{report.error.message}</p>;
  if (!report.data) return <Loading what="Reading the report" />;
  const now = report.data;
  return (
    <section className={clsx(ui['scroll'], styles['reportdetail'])} aria-label="The report" tabIndex={-1}>
      <Origin report={now} />
      <blockquote>{now.text}</blockquote>
      {(now.alike?.length ?? 0) > 0 && (
        <p className={ink['quiet']}>
          In the same words:{' '}
          {now.alike?.map((other) => (
            <Button
              key={other}
              look="link"
              onClick={() => {
                onOpen(other);
              }}
            >
              report {other}
            </Button>
          ))}
        </p>
      )}
      {now.photo && (
        <OutLink href={`/api/reports/${String(id)}/photo`} target="_blank" rel="noreferrer">
          <img src={`/api/reports/${String(id)}/photo`} alt="what the customer sent" />
        </OutLink>
      )}
      <JudgeForm key={`${String(id)} ${now.symptom ?? ''}`} report={now} words={words} />
      <AnswerForm report={now} />
      {now.revisionId !== null && <Traced key={now.revisionId} id={now.revisionId} />}
      {now.symptom !== null && now.cause !== null && now.revisionId !== null && (
        <FaqForm
          key={`${now.symptom} ${now.cause}`}
          named={words.symptoms.find((each) => each.id === now.symptom)?.name ?? ''}
          report={now}
          revisionId={now.revisionId}
          symptom={now.symptom}
          cause={now.cause}
        />
      )}
    </section>
  );
}

function Origin({ report }: { report: Report }) {
  return (
    <dl className={clsx(ui['origin'], styles['origin'])}>
      <div>
        <dt>kit</dt>
        <dd>
          {report.kit && report.revisionId !== null ? (
            <TextLink to={`/kits/${String(report.revisionId)}/faults`}>
              {report.kit}, revision {report.revision}
            </TextLink>
          ) : (
            'not known'
          )}
        </dd>
      </div>
      <div>
        <dt>serial</dt>
        <dd>
          {report.serial === '' ? 'none given' : <span className={ink['m']}>{report.serial}</span>}{' '}
          {report.serialKnown ? (
            ''
          ) : report.serial === '' ? (
            ''
          ) : (
            <span className={ink['ochre']}>▲ not one of ours</span>
          )}
        </dd>
      </div>
      <div>
        <dt>step</dt>
        <dd>
          {report.stepNumber === null ? (
            'none'
          ) : report.revisionId === null ? (
            report.stepNumber
          ) : (
            <TextLink to={`/kits/${String(report.revisionId)}/manual`}>{report.stepNumber}</TextLink>
          )}
        </dd>
      </div>
      <div>
        <dt>from</dt>
        <dd>
          {report.customer ?? 'nobody named'}
          {report.hasAddress ? '' : ', no mail address'}
        </dd>
      </div>
      <div>
        <dt>came</dt>
        <dd>{report.at.slice(0, 16).replace('T', ' ')}</dd>
      </div>
    </dl>
  );
}
