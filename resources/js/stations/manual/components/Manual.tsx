import { useMemo, useState } from 'react';
import { useFaults, useManual, useStepTimes } from '@/shared/api';
import { BoardView, fittedBefore } from '@/shared/board';
import { minutes } from '@/shared/format';
import { useKeys } from '@/shared/keys';
import { useFacing, useKit } from '@/shared/kit';
import { Split, useView, Views, Loading } from '@/shared/ui';
import { VIEWS } from '../model';
import { BackMatter } from './BackMatter';
import { FilesView } from './FilesView';
import { FrontMatter } from './FrontMatter';
import { OldTextView } from './OldTextView';
import { OwnText } from './OwnText';
import { ReleaseBox } from './ReleaseBox';
import { SafetyView } from './SafetyView';
import { SettingsView } from './SettingsView';
import { StepPage } from './StepPage';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

/** The Manual station: the pages as the builder reads them, words that can be changed, what blocks release. */
export function Manual() {
  const kit = useKit();
  const manual = useManual(kit.id);
  const faq = (useFaults(kit.id).data?.faq ?? []).filter((entry) => entry.published);
  const times = useStepTimes(kit.id);
  const [view, open] = useView(VIEWS.map((each) => each.id));
  const [at, setAt] = useState<number | null>(null);
  const fitted = useMemo(() => fittedBefore(manual.data?.steps ?? [], at), [manual.data, at]);
  const count = manual.data?.steps.length ?? 0;
  useFacing(at, manual.data?.steps.find((each) => each.number === at)?.side);
  const go = (by: number) => {
    const next = Math.max(1, Math.min(count, (at ?? 0) + by));
    setAt(next);
    document.getElementById(`page-step-${String(next)}`)?.scrollIntoView({ block: 'nearest' });
  };
  useKeys({
    ArrowDown: () => {
      go(1);
    },
    ArrowUp: () => {
      go(-1);
    },
    Escape: () => {
      setAt(null);
    },
  });
  if (manual.isPending) return <Loading what="Writing the manual" />;
  if (manual.error) return <p className={ui['loading']}>{manual.error.message}</p>;
  if (!manual.data)
    return (
      <p className={ui['loading']}>
        There is no manual yet: some steps wait for each other. The Order station shows which.
      </p>
    );
  const document_ = manual.data;
  const notes = new Map(document_.steps.map((each) => [each.key.slice(each.key.indexOf(':') + 1), each.note]));
  const step = document_.steps.find((each) => each.number === at) ?? null;
  return (
    <Split
      work={
        <>
          <div className={ui['bar']}>
            <Views label="What to look at" views={VIEWS} view={view} onView={open} />
            <span className={ui['end']}>
              {document_.steps.length} steps, {document_.joints} joints,{' '}
              {document_.planned?.text ?? minutes(document_.minutes)}
            </span>
          </div>
          {view === 'safety' && <SafetyView />}
          {view === 'settings' && <SettingsView manual={document_} />}
          {view === 'old' && <OldTextView notes={notes} />}
          {view === 'files' && <FilesView manual={document_} />}
          {view === 'pages' && (
            <div className={clsx(ui['scroll'], styles['pages'])} tabIndex={0} role="region" aria-label="The manual">
              <FrontMatter manual={document_} />
              <h2>Build it</h2>
              <OwnText manual={document_} place="before" />
              {document_.steps.map((each) => (
                <StepPage
                  key={each.key}
                  step={each}
                  time={times.data?.steps.find(({ key }) => key === each.key)}
                  faq={faq.filter((entry) => entry.step === each.number)}
                  current={each.number === at}
                  onPick={() => {
                    setAt(each.number);
                  }}
                />
              ))}
              <OwnText manual={document_} place="use" />
              <BackMatter manual={document_} faq={faq} />
            </div>
          )}
        </>
      }
      pane={
        <>
          <BoardView
            lit={
              step
                ? new Set(step.parts.map((part) => part.designator))
                : kit.selected === null
                  ? null
                  : new Set([kit.selected])
            }
            fitted={fitted}
            board={step?.board ?? null}
          />
          <ReleaseBox />
        </>
      }
    />
  );
}
