import type { BuilderPage } from '@/shared/api';
import { say, usePhrases } from '../phrases';
import type { FaqUses } from '../useFaqUses';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = { entry: BuilderPage['faq'][number]; uses: FaqUses; placed: boolean };

/** A question that others asked; opened, it says what to do, and whether that helped. */
export function Asked({ entry, uses, placed }: Props) {
  const t = usePhrases();
  return (
    <details
      className={styles['asked']}
      onToggle={(event) => {
        if (event.currentTarget.open) uses.use({ faq: entry.id, entry: 'shown' });
      }}
    >
      <summary>{entry.question}</summary>
      <p>
        {entry.answer}
        {placed && entry.step !== null ? ` ${say(t.seeStep, { step: entry.step })}` : ''}
      </p>
      <p className={clsx(ink['quiet'], styles['quiet'])}>
        {entry.count === 1 ? t.reportedOnce : say(t.reported, { count: entry.count })}
      </p>
      {uses.helped(entry.id) ? (
        <p className={styles['doneline']}>■ {t.thatHelped}</p>
      ) : (
        <button
          type="button"
          className={styles['side']}
          onClick={() => {
            uses.use({ faq: entry.id, entry: 'helped' });
          }}
        >
          {t.itHelped}
        </button>
      )}
    </details>
  );
}
