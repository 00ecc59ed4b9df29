import { useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { say, usePhrases } from '../phrases';
import { isAsExpected, type Answer } from '../search';
import { StepBoard } from './StepBoard';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Check = NonNullable<BuilderPage['trouble']>['checks'][number];
type Props = {
  page: BuilderPage;
  check: Check;
  /** parts of which one may be tapped as the odd one */ odd: readonly string[];
  onAnswer: (answer: Answer, shown: string) => void;
};

const DIRECTIONS = ['direction', 'step-directions', 'all-directions'];
const SOLDER_SIDE = ['joints', 'step-joints', 'all-joints', 'reflow'];
/** Of a whole kit the callouts fill the page; the board shows all. */
const MOST_CALLOUTS = 8;

/** One look: the board with its places lit, what it should be, and what can be answered. */
export function Look({ page, check, odd, onAnswer }: Props) {
  const t = usePhrases();
  const [typed, type] = useState('');
  const [which, ask] = useState(false);
  const [why, show] = useState(false);
  const parts = page.boards.parts as Record<string, { board: string; side: 'top' | 'bottom' } | undefined>;
  const place = check.parts.map((name) => parts[name]).find((each) => each !== undefined);
  const board = page.boards.boards.find((each) => each.name === place?.board);
  const callouts = DIRECTIONS.includes(check.kind)
    ? page.manual.steps.flatMap((step) => step.callouts).filter((each) => check.parts.includes(each.designator))
    : [];
  const values = check.kind.endsWith('values') || check.kind === 'value' || check.kind === 'ohms';
  const expected = isAsExpected(check, typed);
  const side = SOLDER_SIDE.includes(check.kind)
    ? place?.side === 'bottom'
      ? 'top'
      : 'bottom'
    : (place?.side ?? 'top');
  return (
    <section aria-label={t.nextLook}>
      <h1>{check.ask}</h1>
      {board && check.parts.length > 0 && (
        <StepBoard
          key={check.name}
          board={board}
          first={side}
          lit={new Set(check.parts)}
          fitted={new Set(Object.keys(parts))}
        />
      )}
      {callouts.slice(0, MOST_CALLOUTS).map((callout) => (
        <p key={callout.designator} className={styles['lookcallout']}>
          <b className={ink['m']}>{callout.designator}</b> {callout.text}
        </p>
      ))}
      {values && (
        <ul className={styles['lookvalues']}>
          {page.manual.identification
            .filter((row) => row.designators.some((name) => check.parts.includes(name)))
            .map((row) => (
              <li key={row.designators[0]}>
                <b className={ink['m']}>{row.designators.filter((name) => check.parts.includes(name)).join(', ')}</b>{' '}
                {row.value}
              </li>
            ))}
        </ul>
      )}
      {check.pass !== null && (
        <p>
          <label htmlFor="look-reading">{t.shows}</label>{' '}
          <input
            id="look-reading"
            className={ink['m']}
            inputMode="decimal"
            maxLength={20}
            value={typed}
            onChange={(event) => {
              type(event.target.value);
            }}
          />
        </p>
      )}
      {which ? (
        <>
          <h2>{t.tapOdd}</h2>
          <div className={styles['oddparts']}>
            {odd.map((name) => (
              <button
                key={name}
                type="button"
                className={clsx(styles['choice'], ink['m'])}
                onClick={() => {
                  onAnswer(`odd ${name}`, '');
                }}
              >
                {name}
              </button>
            ))}
            <button
              type="button"
              className={styles['choice']}
              onClick={() => {
                onAnswer('bad', '');
              }}
            >
              {t.noneOfThese}
            </button>
          </div>
        </>
      ) : (
        <div className={styles['answers']}>
          {check.pass === null || expected === null ? (
            <>
              <button
                type="button"
                className={styles['go']}
                onClick={() => {
                  onAnswer('good', typed.trim());
                }}
              >
                {t.yes}
              </button>
              <button
                type="button"
                className={styles['side']}
                onClick={() => {
                  if (odd.length > 0) ask(true);
                  else onAnswer('bad', typed.trim());
                }}
              >
                {t.no}
              </button>
            </>
          ) : (
            <button
              type="button"
              className={styles['go']}
              onClick={() => {
                onAnswer(expected ? 'good' : 'bad', typed.trim());
              }}
            >
              {say(t.takeReading, { reading: typed.trim() })}
            </button>
          )}
          <button
            type="button"
            className={styles['side']}
            onClick={() => {
              onAnswer('cannot', '');
            }}
          >
            {t.cannotLook}
          </button>
        </div>
      )}
      <p>
        <button
          type="button"
          className={styles['link']}
          aria-expanded={why}
          onClick={() => {
            show(!why);
          }}
        >
          {t.whyLook}
        </button>
      </p>
      {why && <p className={clsx(ink['quiet'], styles['quiet'])}>{t.becauseLook}</p>}
    </section>
  );
}
