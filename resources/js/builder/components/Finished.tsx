import type { BuilderPage } from '@/shared/api';
import { say, usePhrases } from '../phrases';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

/** After the last step: what to do when it does not work. */
export function Finished({ page, onBack, onReport }: { page: BuilderPage; onBack: () => void; onReport: () => void }) {
  const t = usePhrases();
  return (
    <main>
      <h1>{t.finished}</h1>
      {(page.manual.texts ?? [])
        .filter((text) => text.place === 'use')
        .map((text) => (
          <div key={text.place} className={styles['owntext']} dangerouslySetInnerHTML={{ __html: text.html }} />
        ))}
      {page.faq.length > 0 && (
        <>
          <h2>{t.notWorking}</h2>
          {page.faq.map((entry) => (
            <div key={entry.id}>
              <h3>{entry.question}</h3>
              <p>
                {entry.answer}
                {entry.step === null ? '' : ` ${say(t.seeStep, { step: entry.step })}`}
              </p>
              <p className={clsx(ink['quiet'], styles['quiet'])}>
                {entry.count === 1 ? t.reportedOnce : say(t.reported, { count: entry.count })}
              </p>
            </div>
          ))}
        </>
      )}
      <div className={styles['actions']}>
        <button type="button" className={styles['side']} onClick={onBack}>
          {t.back}
        </button>
        <button type="button" className={styles['side']} onClick={onReport}>
          {t.report}
        </button>
      </div>
    </main>
  );
}
