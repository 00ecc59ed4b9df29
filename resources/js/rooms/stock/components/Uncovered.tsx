import type { BuyingLine, BuyingPlan } from '@/shared/api';
import { Button, Press } from '@/shared/ui';
import { amount } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './buying.module.css';

type Props = { plan: BuyingPlan; open: string; onOpen: (part: string) => void; onSuppliers: () => void };

/** What no sheet holds: parts that nobody offers enough of, and parts of which there is enough. */
export function Uncovered({ plan, open, onOpen, onSuppliers }: Props) {
  const nobody = plan.lines.filter((line) => line.noOffer);
  const there = plan.lines.filter((line) => line.needed === 0);
  const row = (line: BuyingLine, many: string) => (
    <li key={line.part}>
      <Press
        className={clsx(styles['line'], styles['short'])}
        aria-pressed={line.part === open}
        onClick={() => {
          onOpen(line.part);
        }}
      >
        <b className={ink['m']}>{many}</b>
        <span>{line.title}</span>
      </Press>
    </li>
  );
  return (
    <>
      {nobody.length > 0 && (
        <article className={clsx(styles['sheet'], styles['nobody'])} aria-label="Nobody offers these">
          <header>
            <h2>▲ Nobody offers these</h2>
          </header>
          <ul>{nobody.map((line) => row(line, amount(line.needed, line.unit)))}</ul>
          <footer>
            <Button onClick={onSuppliers}>Bring in offers</Button>
          </footer>
        </article>
      )}
      {there.length > 0 && (
        <article className={clsx(styles['sheet'], styles['enough'])} aria-label="Enough of these">
          <header>
            <h2>✓ Enough of these</h2>
            <span className={ink['quiet']}>on hand, or on the way</span>
          </header>
          <ul>{there.map((line) => row(line, amount(line.onHand + line.onOrder, line.unit)))}</ul>
        </article>
      )}
    </>
  );
}
