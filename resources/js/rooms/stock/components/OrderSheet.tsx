import { Press, TableActions } from '@/shared/ui';
import { amount } from '../model';
import { sheetRows, type Sheet } from '../buying';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './buying.module.css';

type Props = { sheet: Sheet; open: string; onOpen: (part: string) => void };

/** The sheet that goes to one supplier. */
export function OrderSheet({ sheet, open, onOpen }: Props) {
  const { supplier, lines } = sheet;
  return (
    <article className={styles['sheet']} aria-label={`Order to ${supplier.name}`}>
      <header>
        <h2>{supplier.name}</h2>
        {supplier.leadDays !== null && <span className={ink['quiet']}>in about {supplier.leadDays} days</span>}
      </header>
      <ul>
        {lines.map(({ line, order }) => (
          <li key={line.part}>
            <Press
              className={styles['line']}
              aria-pressed={line.part === open}
              onClick={() => {
                onOpen(line.part);
              }}
            >
              <b className={ink['m']}>{amount(order.pieces, line.unit)}</b>
              <span>{line.title}</span>
              <span className={clsx(ink['m'], ink['quiet'])}>{order.unitPrice}</span>
              <span className={ink['m']}>{order.cost}</span>
            </Press>
          </li>
        ))}
      </ul>
      <footer>
        <p>
          <span>shipping{supplier.toFree === null ? '' : `, free with ${supplier.toFree} more`}</span>
          <span className={ink['m']}>{supplier.shipping}</span>
        </p>
        <p>
          <b>{supplier.currency}</b>
          <b className={ink['m']}>{(Number(supplier.goods) + Number(supplier.shipping)).toFixed(2)}</b>
        </p>
        <div className={styles['out']}>
          <TableActions name={`order-${supplier.name}`} rows={() => sheetRows(sheet)} />
        </div>
      </footer>
    </article>
  );
}
