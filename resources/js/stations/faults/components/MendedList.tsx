import { useUnmend, useMe, type Faults, type Mended } from '@/shared/api';
import { percent } from '@/shared/format';
import { useKit } from '@/shared/kit';
import { Button, Refusal } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import { MEND_PLACES, turned } from '../model';
import styles from './faults.module.css';

/** What was mended, and the kits before it against the kits after it, each with its interval. */
export function MendedList({ mended }: { mended: Faults['mended'] }) {
  const kit = useKit();
  const me = useMe();
  const unmend = useUnmend(kit.id);
  if (mended.length === 0) return null;
  const may = me.data?.abilities.includes('answer-reports') ?? false;
  return (
    <section aria-label="What was mended">
      <h2>Did it help?</h2>
      <ul className={styles['mended']}>
        {mended.map((each) => {
          const top = Math.max(each.before.high, each.after.kits === 0 ? 0 : each.after.high, 0.001);
          return (
            <li key={each.id}>
              <p>
                <b>{each.name}</b>, {MEND_PLACES.find((at) => at.place === each.place)?.name ?? each.place}{' '}
                <span className={ink['quiet']}>
                  {each.revision === null ? `kits shipped after ${each.on}` : `from revision ${each.revision} on`}
                  {each.by === '' ? '' : `, ${each.by}`}
                </span>{' '}
                {may && (
                  <Button
                    look="link"
                    disabled={unmend.isPending}
                    aria-label={`take back: ${each.name}`}
                    onClick={() => {
                      unmend.mutate(each.id);
                    }}
                  >
                    take back
                  </Button>
                )}
              </p>
              <Side name="before" side={each.before} top={top} />
              <Side name="after" side={each.after} top={top} />
              <p className={each.turn === 'fell' ? ink['verdi'] : each.turn === 'rose' ? ink['crimson'] : ink['quiet']}>
                {turned(each)}
              </p>
            </li>
          );
        })}
      </ul>
      {unmend.error && <Refusal>{unmend.error.message}</Refusal>}
    </section>
  );
}

function Side({ name, side, top }: { name: string; side: Mended['before']; top: number }) {
  const at = (share: number) => `${String(Math.min(100, (100 * share) / top))}%`;
  return (
    <p className={styles['side']}>
      <span>{name}</span>
      <span className={styles['feverbar']} aria-hidden="true">
        {side.kits > 0 && (
          <>
            <i style={{ left: at(side.low), width: at(side.high - side.low) }} />
            <em style={{ left: at(side.reported / side.kits) }} />
          </>
        )}
      </span>
      <span className={clsx(styles['sidetext'])}>
        {side.kits === 0
          ? 'no kit is old enough'
          : `${String(side.reported)} of ${String(side.kits)} kits, between ${percent(side.low)} and ${percent(side.high)}`}
      </span>
    </p>
  );
}
