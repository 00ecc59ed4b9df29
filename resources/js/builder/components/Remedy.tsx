import type { BuilderPage } from '@/shared/api';
import { usePhrases } from '../phrases';
import { StepBoard } from './StepBoard';
import styles from '../builder.module.css';

type Cause = NonNullable<BuilderPage['trouble']>['causes'][number];
type Props = { page: BuilderPage; causes: readonly Cause[]; onHelped: () => void; onReport: () => void };

/** Nothing is taken in hand: a piece has to be sent. */
const SENT = ['faulty', 'wrong-part', 'own'];

/** What to do, all of it together and in order; then whether it helped. */
export function Remedy({ page, causes, onHelped, onReport }: Props) {
  const t = usePhrases();
  const parts = page.boards.parts as Record<string, { board: string; side: 'top' | 'bottom' } | undefined>;
  const named = causes.flatMap((cause) => cause.parts);
  const place = named.map((name) => parts[name]).find((each) => each !== undefined);
  const board = page.boards.boards.find((each) => each.name === place?.board);
  const sent = causes.some((cause) => SENT.includes(cause.cause));
  return (
    <section aria-label={t.found}>
      <h1>{t.found}</h1>
      {causes.length === 0 ? (
        <p>{t.nothingWrong}</p>
      ) : (
        <ol className={styles['remedy']}>
          {causes.map((cause) => (
            <li key={cause.name}>{cause.do}</li>
          ))}
        </ol>
      )}
      {board && (
        <StepBoard
          board={board}
          first={place?.side ?? 'top'}
          lit={new Set(named)}
          fitted={new Set(Object.keys(parts))}
        />
      )}
      <h2>{sent ? '' : t.didItHelp}</h2>
      <div className={styles['answers']}>
        {!sent && (
          <button type="button" className={styles['go']} onClick={onHelped}>
            {t.itHelped}
          </button>
        )}
        <button type="button" className={sent ? styles['go'] : styles['side']} onClick={onReport}>
          {sent ? t.writeUs : t.notHelped}
        </button>
      </div>
    </section>
  );
}
