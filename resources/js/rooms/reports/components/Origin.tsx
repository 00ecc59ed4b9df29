import type { Report } from '@/shared/api';
import { TextLink } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

/** Which kit a letter is about, of whom it is and when it came. */
export function Origin({ report }: { report: Report }) {
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
