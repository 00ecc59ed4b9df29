import { useState } from 'react';
import { useMails, useReports } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { FilterField, Button, Notice, Pager, Press, Loading, useView, useWanted, Views } from '@/shared/ui';
import { ReportDetail } from './ReportDetail';
import { TypeIn } from './TypeIn';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './reports.module.css';

const SHOWN = ['open', 'all', 'mail'] as const;

/** The inbox: what customers wrote, newest first; judged, answered and put into the FAQ without leaving the room. */
export function Reports() {
  const { wanted, text, setText, turn } = useWanted();
  const [shown, show] = useView(SHOWN);
  const reports = useReports(wanted, shown === 'all' ? 'all' : 'open');
  const [id, setId] = useState<number | null>(null);
  const mails = useMails(shown === 'mail');
  const rows = reports.data?.reports ?? [];
  const go = (by: number) => {
    const at = rows.findIndex((report) => report.id === id);
    const next = rows[Math.max(0, Math.min(rows.length - 1, at + by))];
    if (next) setId(next.id);
  };
  useKeys({
    ArrowDown: () => {
      go(1);
    },
    ArrowUp: () => {
      go(-1);
    },
    Escape: () => {
      setId(null);
    },
  });
  if (reports.error) return <Notice title="The reports cannot be shown" text={reports.error.message} />;
  if (!reports.data) return <Loading what="Reading the reports" />;
  return (
    <main className={clsx(ui['room'], styles['reportroom'])}>
      <div className={ui['roomhead']}>
        <h1>Reports</h1>
        <Views
          label="Which reports"
          view={shown}
          views={[
            { id: 'open', name: `open, ${String(reports.data.open)}` },
            { id: 'all', name: `all, ${String(reports.data.all)}` },
            { id: 'mail', name: 'mail sent' },
          ]}
          onView={(which) => {
            show(which);
            turn(1);
          }}
        />
        <FilterField id="report-filter" label="Filter reports" placeholder="Filter" value={text} onChange={setText} />
        <span className={ui['end']}>
          <TypeIn onMade={setId} />
        </span>
      </div>
      {shown === 'mail' ? (
        <div className={clsx(ui['scroll'], styles['mails'])} tabIndex={0} role="region" aria-label="Mail sent">
          <p className={ink['quiet']}>No mail leaves this machine: a stand-in keeps what would have been sent.</p>
          {(mails.data?.mails ?? []).map((mail) => (
            <article key={mail.id}>
              <h2>{mail.subject}</h2>
              <p className={ink['quiet']}>
                to {mail.to}, {mail.at.slice(0, 16)}
              </p>
              <p>{mail.body}</p>
            </article>
          ))}
        </div>
      ) : (
        <div className={clsx(styles['reportpair'], id !== null && styles['picked'])}>
          <ul className={clsx(ui['scroll'], styles['inbox'])} aria-label="Reports">
            {rows.map((report) => (
              <li key={report.id}>
                <Press
                  aria-pressed={report.id === id}
                  onClick={() => {
                    setId(report.id);
                  }}
                >
                  <span className={ink['quiet']}>
                    {report.at.slice(0, 10)} {report.kit ?? 'which kit?'}
                    {report.stepNumber === null ? '' : `, step ${String(report.stepNumber)}`}
                  </span>
                  <b>{report.text}</b>
                  <span>
                    {report.symptom === null ? (
                      <span className={ink['ochre']}>▲ to judge</span>
                    ) : (
                      <span className={clsx(ink['verdi'], styles['verdi'])}>■ judged</span>
                    )}
                    {report.answered ? (
                      <span className={clsx(ink['verdi'], styles['verdi'])}> ■ answered</span>
                    ) : (
                      <span className={ink['ochre']}> ▲ to answer</span>
                    )}
                    {report.like !== null && <span className={ink['quiet']}> ≈ like {report.like}</span>}
                  </span>
                </Press>
              </li>
            ))}
            {rows.length === 0 && (
              <li className={clsx(ink['quiet'], styles['none'])}>
                {reports.data.all === 0
                  ? 'No reports yet. They come from the builder’s page of each kit.'
                  : wanted.search === ''
                    ? 'Nothing open. All reports are judged and answered.'
                    : 'No report with these letters.'}
              </li>
            )}
            {reports.data.pages > 1 && (
              <li>
                <Pager
                  of="the reports"
                  page={reports.data.page}
                  pages={reports.data.pages}
                  total={reports.data.total}
                  onPage={turn}
                />
              </li>
            )}
          </ul>
          {id === null ? (
            <p className={ui['loading']}>Pick a report.</p>
          ) : (
            <div className={ui['scroll']}>
              <p className={styles['back']}>
                <Button
                  look="link"
                  onClick={() => {
                    setId(null);
                  }}
                >
                  Back to all reports
                </Button>
              </p>
              <ReportDetail key={id} id={id} words={reports.data} onOpen={setId} />
            </div>
          )}
        </div>
      )}
    </main>
  );
}
