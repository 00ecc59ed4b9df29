import type { StockPart } from '@/shared/api';
import { amount } from '../model';
import { LOT_ENTRIES } from '../entries';
import ink from '@/shared/style/ink.module.css';
import styles from './stock.module.css';

/** What came in and went out of a part's lots, the newest first. */
export function PartMoves({ moves, unit }: Pick<StockPart, 'moves' | 'unit'>) {
  return (
    <>
      <h3>What happened</h3>
      <ol className={styles['log']}>
        {moves.map((move) => (
          <li key={move.id}>
            <span className={ink['quiet']}>{move.at.slice(0, 10)}</span>
            <span>
              {LOT_ENTRIES[move.entry] ?? move.entry}
              {move.run === null ? '' : `, run ${String(move.run)}`}
              {move.note === '' ? '' : `: ${move.note}`} <span className={ink['quiet']}>{move.by}</span>
            </span>
            <span className={ink['m']}>{move.lot}</span>
            <span className={styles['change']}>
              {move.quantity === 0 ? '' : `${move.quantity > 0 ? '+' : '−'}${amount(Math.abs(move.quantity), unit)}`}
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}
