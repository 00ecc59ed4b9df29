import type { BuilderPage } from '@/shared/api';
import { usePhrases } from '../phrases';
import { StepBody } from './StepBody';
import styles from '../builder.module.css';

/** Every step on one page, to be printed at home. */
export function AllSteps({ token, page, onLeave }: { token: string; page: BuilderPage; onLeave: () => void }) {
  const t = usePhrases();
  return (
    <main className={styles['all']}>
      {page.manual.steps.map((step, at) => (
        <article key={step.key}>
          <StepBody token={token} page={page} at={at} />
        </article>
      ))}
      <div className={styles['actions']}>
        <button type="button" className={styles['side']} onClick={onLeave}>
          {t.backToPage}
        </button>
        <button
          type="button"
          className={styles['go']}
          onClick={() => {
            window.print();
          }}
        >
          {t.printNow}
        </button>
      </div>
    </main>
  );
}
