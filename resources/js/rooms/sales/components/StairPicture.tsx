import type { CSSProperties } from 'react';
import { Press } from '@/shared/ui';
import type { Stair, StairKind } from '../price';
import ink from '@/shared/style/ink.module.css';
import styles from './price.module.css';

type Props = { steps: readonly Stair[]; open: StairKind; onOpen: (kind: StairKind) => void };

/** The stair: each step stands on the one before, the margin is the last before the tax. */
export function StairPicture({ steps, open, onOpen }: Props) {
  const top = Math.max(0.01, ...steps.map(({ from, amount }) => Math.max(from, from + amount)));
  const share = (of: number) => `${((100 * Math.max(0, of)) / top).toFixed(2)}%`;
  return (
    <ol className={styles['stair']}>
      {steps.map((step) => {
        const foot = Math.min(step.from, step.from + step.amount);
        return (
          <li key={step.kind}>
            <Press
              className={styles['step']}
              data-kind={step.kind}
              data-loss={step.amount < 0 ? '' : undefined}
              aria-pressed={step.kind === open}
              onClick={() => {
                onOpen(step.kind);
              }}
            >
              <span
                className={styles['room']}
                style={{ '--foot': share(foot), '--high': share(Math.abs(step.amount)) } as CSSProperties}
              >
                <i className={styles['block']} />
                {step.low !== step.high && (
                  <i
                    className={styles['between']}
                    style={{ bottom: share(step.from + step.low), height: share(step.high - step.low) }}
                  />
                )}
              </span>
              <b className={ink['m']}>{step.amount.toFixed(2)}</b>
              <span className={styles['what']}>{step.name}</span>
            </Press>
          </li>
        );
      })}
    </ol>
  );
}
