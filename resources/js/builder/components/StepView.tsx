import { useEffect, useRef, useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { faqOf } from '../model';
import { usePhrases } from '../phrases';
import type { FaqUses } from '../useFaqUses';
import type { useWaits } from '../useWaits';
import { Asked } from './Asked';
import { StepBody } from './StepBody';
import { StepWait } from './StepWait';
import styles from '../builder.module.css';

type Props = {
  token: string;
  page: BuilderPage;
  at: number;
  done: boolean;
  clocks: ReturnType<typeof useWaits>;
  uses: FaqUses;
  onBack: () => void;
  onDone: (opened: number) => void;
  onUndo: () => void;
  onReport: () => void;
  onSearch: () => void;
  onWhich: () => void;
};

/** One step with its help and its tick. */
export function StepView({
  token,
  page,
  at,
  done,
  clocks,
  uses,
  onBack,
  onDone,
  onUndo,
  onReport,
  onSearch,
  onWhich,
}: Props) {
  const t = usePhrases();
  const [stuck, setStuck] = useState(false);
  const [opened] = useState(() => Date.now());
  const help = useRef<HTMLElement>(null);
  useEffect(() => {
    if (stuck) help.current?.scrollIntoView({ block: 'center' });
  }, [stuck]);
  const step = page.manual.steps[at];
  if (!step) return null;
  const faq = faqOf(page, step.number);
  return (
    <main>
      <StepBody token={token} page={page} at={at} />
      {(step.wait ?? 0) > 0 && (
        <StepWait
          step={step}
          wait={clocks.waits.find((each) => each.step === step.key) ?? null}
          now={clocks.now}
          onStart={() => {
            clocks.start(step);
          }}
          onStop={() => {
            clocks.stop(step.key);
          }}
        />
      )}
      {stuck && (
        <section ref={help} className={styles['stuck']} aria-label={t.helpHere}>
          {(step.mistakes ?? []).length > 0 && (
            <>
              <h2>{t.lookFirst}</h2>
              <ul>
                {(step.mistakes ?? []).map((text) => (
                  <li key={text}>{text}</li>
                ))}
              </ul>
            </>
          )}
          <h2>{faq.length === 0 ? t.askedNone : t.askedHere}</h2>
          {faq.map((entry) => (
            <Asked key={entry.id} entry={entry} uses={uses} placed={false} />
          ))}
          <button type="button" className={styles['side']} onClick={onWhich}>
            {t.whichPart}
          </button>
          <button type="button" className={styles['side']} onClick={onSearch}>
            {t.search}
          </button>
          <button type="button" className={styles['side']} onClick={onReport}>
            {t.report}
          </button>
        </section>
      )}
      {done && (
        <p className={styles['doneline']}>
          ■ {t.done}{' '}
          <button type="button" className={styles['link']} onClick={onUndo}>
            {t.notDone}
          </button>
        </p>
      )}
      <div className={styles['actions']}>
        <button type="button" className={styles['side']} onClick={onBack}>
          {t.back}
        </button>
        <button
          type="button"
          className={styles['side']}
          aria-expanded={stuck}
          onClick={() => {
            setStuck(!stuck);
          }}
        >
          {t.stuck}
        </button>
        <button
          type="button"
          className={styles['go']}
          onClick={() => {
            onDone(opened);
          }}
        >
          {done ? t.next : t.doneNext}
        </button>
      </div>
    </main>
  );
}
