import type { Run } from '@/shared/api';
import { Button } from '@/shared/ui';
import { headline, holesOf } from '../model';
import ink from '@/shared/style/ink.module.css';
import styles from './packing.module.css';

type Props = { run: Run; busy: boolean; onFill: (line: number, pack: number) => void };

/** Packs that lack something; what is on hand fills those that are named first. */
export function Holes({ run, busy, onFill }: Props) {
  const holes = holesOf(run);
  return (
    <section className={styles['holes']} aria-label="Holes">
      <p>
        ▲ {run.holes.length} {run.holes.length === 1 ? 'pack lacks' : 'packs lack'} something and{' '}
        {run.holes.length === 1 ? 'waits' : 'wait'} on the shelf. Fill a hole when the part is there, also part by part;
        nothing else is undone.
      </p>
      <ul>
        {holes.map(({ pack, lines, canBeFilled }) => (
          <li key={pack}>
            <b>pack {pack + 1}</b>{' '}
            {canBeFilled ? (
              <span className={styles['sign']}>● there is enough</span>
            ) : (
              <span className={ink['quiet']}>not enough on hand by the book</span>
            )}
            {lines.map((line) => {
              const each = run.lines[line];
              return (
                <Button
                  key={line}
                  disabled={busy}
                  onClick={() => {
                    onFill(line, pack);
                  }}
                >
                  {each ? `${String(each.item.quantity)} × ${headline(each)}, ${each.item.value}` : ''} is in
                </Button>
              );
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}
