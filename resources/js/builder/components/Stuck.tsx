import { useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { usePhrases } from '../phrases';
import { keepSearch, keptSearch, placeOf, type Answer, type Search } from '../search';
import { Look } from './Look';
import { Remedy } from './Remedy';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

type Props = { token: string; page: BuilderPage; onReport: () => void; onLeave: () => void };

/** What do you notice, then one look after the other, until the cause stands there or a letter is written with all answers. */
export function Stuck({ token, page, onReport, onLeave }: Props) {
  const t = usePhrases();
  const [search, set] = useState<Search | null>(() => keptSearch(token));
  const put = (next: Search | null) => {
    set(next);
    keepSearch(token, next);
    window.scrollTo(0, 0);
  };
  const { trouble } = page;
  const back = (
    <button
      type="button"
      className={styles['side']}
      onClick={() => {
        if (search === null) onLeave();
        else put(search.path.length === 0 ? null : { ...search, path: search.path.slice(0, -1) });
      }}
    >
      {t.back}
    </button>
  );
  if (!trouble || trouble.stop) {
    return (
      <main>
        <h1>{t.stuck}</h1>
        <p className={styles['harm']}>{trouble ? `▲ ${t.stopMains}` : t.noSearch}</p>
        <div className={styles['actions']}>
          {back}
          <button type="button" className={styles['go']} onClick={onReport}>
            {t.writeUs}
          </button>
        </div>
      </main>
    );
  }
  if (search === null) {
    return (
      <main>
        <h1>{t.notice}</h1>
        <ul className={styles['choices']}>
          {trouble.symptoms.map((symptom) => (
            <li key={symptom.id}>
              <button
                type="button"
                className={styles['choice']}
                onClick={() => {
                  put({ symptom: symptom.id, path: [] });
                }}
              >
                {symptom.name}
              </button>
            </li>
          ))}
        </ul>
        <div className={styles['actions']}>
          {back}
          <button type="button" className={styles['side']} onClick={onReport}>
            {t.otherTrouble}
          </button>
        </div>
      </main>
    );
  }
  const place = placeOf(trouble, search);
  const noticed = trouble.symptoms.find(({ id }) => id === search.symptom)?.name ?? search.symptom;
  const again = (
    <button
      type="button"
      className={styles['link']}
      onClick={() => {
        put(null);
      }}
    >
      {t.beginAgain}
    </button>
  );
  if (place.at === 'look') {
    return (
      <main>
        <p className={clsx(ink['quiet'], styles['quiet'])}>
          {noticed}. {again}
        </p>
        <Look
          key={place.node}
          page={page}
          check={place.check}
          odd={place.odd}
          onAnswer={(answer: Answer, shown: string) => {
            put({ ...search, path: [...search.path, { node: place.node, answer, shown }] });
          }}
        />
        <div className={styles['actions']}>{back}</div>
      </main>
    );
  }
  return (
    <main>
      <p className={clsx(ink['quiet'], styles['quiet'])}>
        {noticed}. {again}
      </p>
      {place.at === 'cause' ? (
        <Remedy
          page={page}
          causes={place.causes}
          onHelped={() => {
            put(null);
            onLeave();
          }}
          onReport={onReport}
        />
      ) : (
        <>
          <h1>{t.writeUs}</h1>
          <p>{t.writeWhy}</p>
          <div className={styles['actions']}>
            <button type="button" className={styles['go']} onClick={onReport}>
              {t.writeUs}
            </button>
          </div>
        </>
      )}
      <div className={styles['actions']}>{back}</div>
    </main>
  );
}
