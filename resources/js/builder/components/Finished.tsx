import type { BuilderPage } from '@/shared/api';
import { usePhrases } from '../phrases';
import type { FaqUses } from '../useFaqUses';
import { Asked } from './Asked';
import styles from '../builder.module.css';

type Props = { page: BuilderPage; uses: FaqUses; onBack: () => void; onReport: () => void };

/** After the last step: what to do when it does not work. */
export function Finished({ page, uses, onBack, onReport }: Props) {
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
            <Asked key={entry.id} entry={entry} uses={uses} placed />
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
