import type { CSSProperties } from 'react';
import type { Planks } from '@/shared/api';
import { Press } from '@/shared/ui';
import { lengths, plankWords } from '../planks';
import ink from '@/shared/style/ink.module.css';
import styles from './planks.module.css';

type Props = { sheet: Planks; top: number; open: string; onOpen: (part: string) => void };

const share = (of: number) => `${(100 * of).toFixed(2)}%`;

/** The planks side by side with the water up to the shortest; left and right lead from one to the next. */
export function PlankBar({ sheet, top, open, onOpen }: Props) {
  const step = (by: number) => {
    const at = sheet.planks.findIndex((plank) => plank.part === open);
    const next = sheet.planks[at + by];
    if (next === undefined) return;
    onOpen(next.part);
    document.querySelector<HTMLElement>(`[data-plank="${CSS.escape(next.part)}"]`)?.focus();
  };
  return (
    <ol
      className={styles['planks']}
      style={
        {
          '--water': share(Math.min(1, sheet.waterline / top)),
          '--later': share(Math.min(1, sheet.later / top)),
        } as CSSProperties
      }
    >
      {sheet.planks.map((plank) => {
        const of = lengths(plank, top);
        return (
          <li key={plank.part}>
            <Press
              className={styles['plank']}
              data-plank={plank.part}
              data-short={plank.kits === sheet.waterline ? '' : undefined}
              aria-pressed={plank.part === open}
              onClick={() => {
                onOpen(plank.part);
              }}
              onKeyDown={(event) => {
                if (event.key === 'ArrowRight') step(1);
                if (event.key === 'ArrowLeft') step(-1);
              }}
            >
              <span className={ink['sr']}>{plankWords(plank)}</span>
              <span className={styles['length']} aria-hidden>
                <b>{of.torn ? `${String(plank.kits)} ⌇` : plank.kits}</b>
                {of.ordered > 0 && <i className={styles['ordered']} style={{ height: share(of.ordered) }} />}
                {of.promised > 0 && <i className={styles['promised']} style={{ height: share(of.promised) }} />}
                {of.free > 0 && <i className={styles['free']} style={{ height: share(of.free) }} />}
              </span>
              <span className={styles['name']} aria-hidden>
                {plank.title}
              </span>
            </Press>
          </li>
        );
      })}
      <li className={styles['water']} aria-hidden />
    </ol>
  );
}
