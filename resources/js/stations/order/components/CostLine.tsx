import { useEffect, useRef } from 'react';
import type { Cost } from '../useTrial';
import { Button } from '@/shared/ui';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './order.module.css';

type Props = { cost: Cost | null; waiting: boolean; onKeep: () => void; onBack: () => void };

/** What the move at hand would cost. */
export function CostLine({ cost, waiting, onKeep, onBack }: Props) {
  const worse = cost !== null && ('cycle' in cost || cost.worse);
  const keep = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (waiting) keep.current?.focus();
  }, [waiting]);
  return (
    <div className={worse ? clsx(styles['cost'], styles['worse']) : styles['cost']} role="status" aria-live="polite">
      <span data-testid="cost">
        {cost === null
          ? 'Working out what it costs'
          : 'cycle' in cost
            ? `Impossible: ${cost.cycle.join(' before ')}`
            : cost.text}
      </span>
      {waiting && (
        <span className={clsx(ui['end'], styles['end'])}>
          <Button ref={keep} look="primary" onClick={onKeep}>
            Keep <kbd>Enter</kbd>
          </Button>
          <Button onClick={onBack}>
            Put back <kbd>Esc</kbd>
          </Button>
        </span>
      )}
    </div>
  );
}
