import { useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { BANDS } from '@/shared/ui/bands';
import { Marking } from '@/shared/ui/Marking';
import { say, usePhrases } from '../phrases';
import { candidates, type Clue } from '../identify';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from '../builder.module.css';

/** What is this part? Bands picked by colour, or the print typed in; the answer names its places and its step. */
export function WhichPart({ page, onLeave }: { page: BuilderPage; onLeave: () => void }) {
  const t = usePhrases();
  const [clue, setClue] = useState<Clue>({ bands: [], print: '' });
  const asked = clue.bands.length > 0 || clue.print.trim() !== '';
  const found = candidates(page.manual, clue);
  return (
    <main>
      <h1>{t.whichPart}</h1>
      <p>{t.tapBands}</p>
      <div className={styles['swatches']} role="group" aria-label={t.bands}>
        {Object.entries(BANDS).map(([name, band]) => (
          <button
            key={name}
            type="button"
            disabled={clue.bands.length >= 6}
            onClick={() => {
              setClue({ bands: [...clue.bands, name], print: '' });
            }}
          >
            <i style={{ background: band.fill }} />
            {(t.colours as Record<string, string>)[name] ?? name}
          </button>
        ))}
      </div>
      {clue.bands.length > 0 && (
        <p>
          <b>{clue.bands.map((band) => (t.colours as Record<string, string>)[band] ?? band).join(', ')}</b>{' '}
          <button
            type="button"
            className={styles['link']}
            onClick={() => {
              setClue({ bands: clue.bands.slice(0, -1), print: '' });
            }}
          >
            {t.takeBack}
          </button>
        </p>
      )}
      <label htmlFor="which-print">{t.typePrint}</label>
      <input
        id="which-print"
        className={ink['m']}
        maxLength={30}
        value={clue.print}
        onChange={(event) => {
          setClue({ bands: [], print: event.target.value });
        }}
      />
      <div aria-live="polite">
        {asked && found.length === 0 && <p className={ink['ochre']}>▲ {t.nothingMarked}</p>}
        {found.map((row) => (
          <p key={row.designators.join(' ')} className={styles['steppart']}>
            <b className={ink['m']}>{row.designators.join(' ')}</b>
            <span>
              {row.value}{' '}
              <span className={clsx(ink['quiet'], styles['quiet'])}>
                {row.kindName}, {say(t.bag, { bag: row.bag })}
                {row.step === null ? '' : `, ${say(t.stepLower, { step: row.step })}`}
              </span>
            </span>
            <Marking marking={row.marking} size="phone" />
          </p>
        ))}
      </div>
      <div className={styles['actions']}>
        <button type="button" className={styles['side']} onClick={onLeave}>
          {t.back}
        </button>
      </div>
    </main>
  );
}
