import { useState } from 'react';
import type { Folder } from '../folder';
import { firstOpen } from '../model';
import { phrasesOf, PhrasesContext, say } from '../phrases';
import { useFaqUses } from '../useFaqUses';
import { keepClaim, keptClaim, type Claim } from '../claim';
import { countsTimes, minutesOf } from '../consent';
import { usePage } from '../usePage';
import { useWaits } from '../useWaits';
import { minutesLeft } from '../waits';
import { AllSteps } from './AllSteps';
import { Contents } from './Contents';
import { Finished } from './Finished';
import { Missing } from './Missing';
import { MailForm } from './MailForm';
import { ReportForm } from './ReportForm';
import { StepView } from './StepView';
import { Stuck } from './Stuck';
import { spoken } from './StepWait';
import { WhichPart } from './WhichPart';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Place = 'contents' | 'step' | 'report' | 'which' | 'all' | 'search' | 'missing';

/** The builder's page: the contents list, then one step at a time; help and a report form at every step. */
export function Builder({ token, folder = null }: { token: string; folder?: Folder | null }) {
  const { page, fault, done, waiting, tick } = usePage(token, folder?.page);
  const clocks = useWaits(token);
  const uses = useFaqUses(token, page?.keeps === 'server');
  const [place, setPlace] = useState<Place | null>(null);
  const [chosen, setAt] = useState<number | null>(null);
  const [claim, setClaim] = useState(() => keptClaim(token));
  const t = phrasesOf(page?.manual.language);
  const told = fault === null ? null : t[fault];
  if (!page)
    return (
      <main className={styles['builder']}>
        <p className={styles['wait']} role="status">
          {told ?? t.opening}
        </p>
      </main>
    );
  const { manual } = page;
  const at = chosen ?? firstOpen(manual.steps, done);
  const step = manual.steps[at] ?? null;
  // Whoever has ticked something off comes back to where they were.
  const now: Place = place ?? (claim ? 'missing' : done.size > 0 ? 'step' : 'contents');
  const go = (next: number) => {
    setAt(next);
    setPlace('step');
    window.scrollTo(0, 0);
  };
  return (
    <PhrasesContext.Provider value={t}>
      <div className={styles['builder']} lang={manual.language ?? 'en'}>
        <header>
          <button
            type="button"
            className={styles['kitname']}
            onClick={() => {
              setPlace('contents');
              window.scrollTo(0, 0);
            }}
          >
            {manual.kit}
          </button>
          <span className={clsx(ink['quiet'], styles['quiet'])}>
            {say(t.revision, { revision: manual.revision })}
            {page.serial === null ? (
              ''
            ) : (
              <>
                , <span className={ink['m']}>{page.serial}</span>
              </>
            )}
          </span>
        </header>
        <div
          className={styles['progress']}
          role="progressbar"
          aria-label={t.stepsDone}
          aria-valuemin={0}
          aria-valuemax={manual.steps.length}
          aria-valuenow={done.size}
        >
          <i
            style={{
              width: `${String((100 * Math.min(done.size, manual.steps.length)) / Math.max(1, manual.steps.length))}%`,
            }}
          />
        </div>
        {told && (
          <p className={styles['offline']} role="status">
            ▲ {told}
            {waiting > 0 ? ` ${say(t.waiting, { count: waiting })}` : ''}
          </p>
        )}
        {clocks.waits
          .filter((wait) => wait.step !== step?.key || now !== 'step')
          .map((wait) => (
            <p key={wait.step} className={styles['clock']} role="timer">
              {wait.title}:{' '}
              <b>
                {minutesLeft(wait, clocks.now) === 0
                  ? `■ ${t.over}`
                  : say(t.left, { time: spoken(minutesLeft(wait, clocks.now), t) })}
              </b>
            </p>
          ))}
        {now === 'contents' && (
          <Contents
            token={token}
            page={page}
            begun={done.size > 0}
            onMissing={(item) => {
              const begun: Claim = { designators: item.designators, pieces: 1, looked: [] };
              keepClaim(token, begun);
              setClaim(begun);
              setPlace('missing');
              window.scrollTo(0, 0);
            }}
            onPrint={() => {
              setPlace('all');
              window.scrollTo(0, 0);
            }}
            onBegin={() => {
              go(firstOpen(manual.steps, done));
            }}
          />
        )}
        {now === 'missing' && claim && (
          <Missing
            token={token}
            page={page}
            claim={claim}
            onMail={
              folder
                ? () => {
                    setPlace('report');
                    window.scrollTo(0, 0);
                  }
                : null
            }
            onLeave={() => {
              setClaim(null);
              setPlace('contents');
              window.scrollTo(0, 0);
            }}
          />
        )}
        {now === 'all' && (
          <AllSteps
            token={token}
            page={page}
            onLeave={() => {
              setPlace('contents');
              window.scrollTo(0, 0);
            }}
          />
        )}
        {now === 'report' && folder && (
          <MailForm
            token={token}
            page={page}
            step={step}
            mail={folder.mail}
            onLeave={() => {
              setPlace('step');
            }}
          />
        )}
        {now === 'report' && !folder && (
          <ReportForm
            token={token}
            page={page}
            step={step}
            onLeave={() => {
              setPlace('step');
            }}
          />
        )}
        {now === 'search' && (
          <Stuck
            token={token}
            page={page}
            onReport={() => {
              setPlace('report');
              window.scrollTo(0, 0);
            }}
            onLeave={() => {
              setPlace('step');
              window.scrollTo(0, 0);
            }}
          />
        )}
        {now === 'which' && (
          <WhichPart
            page={page}
            onLeave={() => {
              setPlace('step');
              window.scrollTo(0, 0);
            }}
          />
        )}
        {now === 'step' &&
          (step ? (
            <StepView
              key={step.key}
              token={token}
              page={page}
              at={at}
              done={done.has(step.key)}
              clocks={clocks}
              uses={uses}
              onBack={() => {
                if (at > 0) go(at - 1);
                else setPlace('contents');
              }}
              onDone={(opened) => {
                tick(step.key, true, minutesOf(opened, Date.now(), countsTimes(token)));
                go(at + 1);
              }}
              onUndo={() => {
                tick(step.key, false);
              }}
              onReport={() => {
                setPlace('report');
                window.scrollTo(0, 0);
              }}
              onSearch={() => {
                setPlace('search');
                window.scrollTo(0, 0);
              }}
              onWhich={() => {
                setPlace('which');
                window.scrollTo(0, 0);
              }}
            />
          ) : (
            <Finished
              page={page}
              uses={uses}
              onBack={() => {
                go(manual.steps.length - 1);
              }}
              onReport={() => {
                setPlace('search');
                window.scrollTo(0, 0);
              }}
            />
          ))}
      </div>
    </PhrasesContext.Provider>
  );
}
