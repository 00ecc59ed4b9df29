import { useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { isTexts, keep, recall } from '@/shared/keep';
import { Marking } from '@/shared/ui/Marking';
import type { Item } from '../claim';
import { countsTimes, letTimes } from '../consent';
import { say, usePhrases } from '../phrases';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = {
  token: string;
  page: BuilderPage;
  begun: boolean;
  onMissing: (item: Item) => void;
  onPrint: () => void;
  onBegin: () => void;
};

/** What is in the kit, to be ticked off against the bags; tools and cautions. */
export function Contents({ token, page, begun, onMissing, onPrint, onBegin }: Props) {
  const t = usePhrases();
  const { manual } = page;
  const kept = `contents ${token}`;
  const [ticked, setTicked] = useState<ReadonlySet<string>>(() => new Set(recall(kept, isTexts, [])));
  const [times, setTimes] = useState(() => countsTimes(token));
  const toggle = (key: string) => {
    const next = new Set(ticked);
    if (!next.delete(key)) next.add(key);
    setTicked(next);
    keep(kept, [...next]);
  };
  return (
    <main>
      <h1>{manual.kit}</h1>
      <p className={clsx(ink['quiet'], styles['quiet'])}>
        {say(t.summary, {
          steps: manual.steps.length,
          joints: manual.joints,
          time: manual.planned?.text ?? say(t.about, { minutes: Math.max(1, Math.round(manual.minutes / 15) * 15) }),
          skill: manual.skill === 'beginner' ? t.beginner : t.practised,
        })}
      </p>
      {page.otherwise && (
        <details>
          <summary>{say(t.otherwise, { revision: manual.revision, after: page.otherwise.after })}</summary>
          {page.otherwise.entries.map((entry) => (
            <p key={`${entry.designator} ${entry.seen}`}>{entry.seen}</p>
          ))}
          <p className={clsx(ink['quiet'], styles['quiet'])}>{say(t.asPacked, { after: page.otherwise.after })}</p>
        </details>
      )}
      {(manual.texts ?? [])
        .filter((text) => text.place === 'intro')
        .map((text) => (
          <div key={text.place} className={styles['owntext']} dangerouslySetInnerHTML={{ __html: text.html }} />
        ))}
      <h2>{t.begin}</h2>
      {manual.cautions.map((text) => (
        <p key={text} className={styles['caution']}>
          <b>{t.caution}: </b>
          {text}
        </p>
      ))}
      <h2>{t.table}</h2>
      <ul>
        {manual.tools.map((tool) => (
          <li key={tool}>{tool}</li>
        ))}
      </ul>
      {manual.bags.brought.length > 0 && (
        <p>
          <b>{t.bring}</b> {manual.bags.brought.map((part) => `${part.value} ${part.kindName}`).join(', ')}.
        </p>
      )}
      <h2>{t.bags}</h2>
      {manual.bags.bags.map((bag) => (
        <section key={bag.name} className={styles['contentbag']}>
          <h3>
            <b className={ink['m']}>{bag.name}</b> {bag.title}
          </h3>
          {bag.esd && <p className={ink['ochre']}>▲ {t.static}</p>}
          {bag.items.map((item) => {
            const key = `${bag.name} ${item.designators.join(' ')}`;
            return (
              <div key={key} className={styles['contentrow']}>
                <label className={styles['contentitem']}>
                  <input
                    type="checkbox"
                    checked={ticked.has(key)}
                    onChange={() => {
                      toggle(key);
                    }}
                  />
                  <b>{item.quantity}</b>
                  <span>
                    {item.value}
                    {item.length === null ? '' : `, ${String(item.length)} mm`}{' '}
                    <span className={clsx(ink['quiet'], styles['quiet'])}>{item.kindName}</span>
                  </span>
                  <Marking marking={item.marking} size="phone" />
                </label>
                {!ticked.has(key) && (
                  <button
                    type="button"
                    className={styles['link']}
                    aria-label={`${item.value} ${item.kindName}: ${t.notInBag}`}
                    onClick={() => {
                      onMissing(item);
                    }}
                  >
                    {t.notInBag}
                  </button>
                )}
              </div>
            );
          })}
        </section>
      ))}
      {page.keeps === 'server' && (
        <label className={styles['consent']}>
          <input
            type="checkbox"
            checked={times}
            onChange={(event) => {
              setTimes(event.target.checked);
              letTimes(token, event.target.checked);
            }}
          />
          <span>{t.timesYes}</span>
        </label>
      )}
      <p>
        <button type="button" className={styles['link']} onClick={onPrint}>
          {t.printAll}
        </button>
      </p>
      <div className={styles['actions']}>
        <button type="button" className={styles['go']} onClick={onBegin}>
          {begun ? t.goOn : t.start}
        </button>
      </div>
    </main>
  );
}
