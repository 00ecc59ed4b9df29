import { useState } from 'react';
import type { LookAlikePair, PartsDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { percent } from '@/shared/format';
import { Press, Segment, Segments, TableActions } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

/** CSS counts 96 pixels to an inch. */
const PX_PER_MM = 96 / 25.4;
const SCALES = [1, 2, 4] as const;

/** Parts that may be taken for each other, drawn side by side at one scale, the worst pair first. */
export function LineUp({ parts }: { parts: PartsDocument }) {
  const kit = useKit();
  const [scale, setScale] = useState<number>(2);
  const pairs = parts.lineUp;
  const all = parts.lineUpInAll;
  const row = (pair: LookAlikePair) => [
    pair.these.designators.join(' '),
    pair.these.value,
    pair.those.designators.join(' '),
    pair.those.value,
    pair.degree.toFixed(1),
    pair.why.text,
  ];
  return (
    <>
      <div className={ui['bar']}>
        <span>
          <b>{all === 0 ? 'No look-alikes' : `${String(all)} ${all === 1 ? 'pair' : 'pairs'}`}</b> worst first
          {all > pairs.length && `, the first ${String(pairs.length)} shown`}
        </span>
        <Segments label="Scale">
          {SCALES.map((each) => (
            <Segment
              key={each}
              pressed={scale === each}
              onPress={() => {
                setScale(each);
              }}
            >
              {each}:1
            </Segment>
          ))}
        </Segments>
        <span
          className={styles['ruler']}
          style={{ width: `${String(10 * PX_PER_MM * scale)}px` }}
          title="Lay a ruler on it: screens differ"
        >
          10 mm
        </span>
        <span className={ui['end']}>
          <TableActions
            name={`${parts.kit} ${parts.revision} line-up`}
            rows={() => [['these', 'value', 'those', 'value', 'alike', 'why'], ...pairs.map(row)]}
          />
        </span>
      </div>
      <div className={ui['scroll']} tabIndex={0} role="region" aria-label="Line-up of look-alikes">
        {pairs.length === 0 && <p className={ui['loading']}>No two parts of this kit look alike.</p>}
        {pairs.map((pair) => (
          <section
            key={`${pair.these.designators.join()} ${pair.those.designators.join()}`}
            className={styles['pairrow']}
            aria-label={`${pair.these.designators.join(' ')} and ${pair.those.designators.join(' ')}`}
          >
            {[pair.these, pair.those].map((side) => (
              <Press
                key={side.designators.join()}
                className={styles['lookside']}
                onClick={() => {
                  kit.select(side.designators[0] ?? null);
                }}
              >
                <span
                  className={styles['look']}
                  style={{
                    width: `${String(side.width * PX_PER_MM * scale)}px`,
                    height: `${String(side.height * PX_PER_MM * scale)}px`,
                  }}
                  dangerouslySetInnerHTML={{ __html: side.picture }}
                />
                <span>
                  <b className={clsx(ink['m'], styles['m'])}>{side.designators.join(' ')}</b> {side.value}{' '}
                  <span className={ink['quiet']}>{side.kindName}</span>
                </span>
              </Press>
            ))}
            <p className={styles['alikewhy']}>
              <b>{percent(pair.degree)}</b> alike: {pair.why.text}
            </p>
          </section>
        ))}
      </div>
    </>
  );
}
