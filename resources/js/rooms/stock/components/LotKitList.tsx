import { useState } from 'react';
import { useLotKits } from '@/shared/api';
import { Loading, Pager, PrintButton } from '@/shared/ui';
import { ENTRIES } from '../entries';
import ink from '@/shared/style/ink.module.css';
import styles from './stock.module.css';

/** Kits that have pieces of a lot; where another lot lay in the same bin they may have. */
export function LotKitList({ lot }: { lot: number }) {
  const [page, setPage] = useState(1);
  const kits = useLotKits(lot, page);
  if (!kits.data) return <Loading what="Looking for its kits" fault={kits.error} />;
  const goods = kits.data.goods.length > 0 && (
    <p>Went into {kits.data.goods.map(({ name, pieces }) => `${name} (${String(pieces)})`).join(', ')}.</p>
  );
  if (kits.data.total === 0)
    return goods === false ? <p className={ink['quiet']}>No kit and no article has pieces of it.</p> : goods;
  return (
    <>
      {goods}
      {[true, false].map((there) => {
        const mine = kits.data.serials.filter((kit) => kit.there === there);
        return (
          mine.length > 0 && (
            <section key={String(there)} aria-label={there ? 'In the shop' : 'Shipped'}>
              <h4>
                {there ? 'In the shop: open these bags' : 'Shipped: write to these'}{' '}
                <span className={ink['quiet']}>{mine.length}</span>
              </h4>
              <ol className={styles['kitlist']}>
                {mine.map((kit) => (
                  <li key={kit.serial}>
                    <span className={ink['m']}>{kit.serial}</span> bag {kit.bags}{' '}
                    <span className={ink['quiet']}>
                      {ENTRIES[kit.entry] ?? 'being packed'}
                      {kit.sure ? '' : ', perhaps: two lots lay in one bin'}
                    </span>
                  </li>
                ))}
              </ol>
            </section>
          )
        );
      })}
      <PrintButton label="Print the slips" name="bags concerned" kind="lot-slip" subject={lot} />
      <Pager of="its kits" page={kits.data.page} pages={kits.data.pages} total={kits.data.total} onPage={setPage} />
    </>
  );
}
