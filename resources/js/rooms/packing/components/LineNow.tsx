import type { PackPicture, RunLine } from '@/shared/api';
import { markingWords } from '@/shared/ui';
import { headline } from '../model';
import { InHand } from './InHand';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './packing.module.css';

type Props = {
  line: RunLine;
  lot: string;
  pack: number;
  packs: number;
  kitsAtOnce: number;
  picture: PackPicture | undefined;
};

/** What goes into the bag now: name, value, looks, how many. */
export function LineNow({ line, lot, pack, packs, kitsAtOnce, picture }: Props) {
  const words = markingWords(line.item.marking);
  const quantity = line.item.quantity * kitsAtOnce;
  return (
    <section className={styles['linenow']} aria-live="polite">
      <div>
        <h1 className={headline(line).length > 7 ? clsx(ink['m'], styles['long']) : ink['m']}>{headline(line)}</h1>
        <p className={styles['value']}>
          {line.item.value}
          {line.item.length === null ? '' : `, ${String(line.item.length)} mm`}
        </p>
        <p className={styles['look']}>
          {[words === '' ? '' : words.charAt(0).toUpperCase() + words.slice(1), lot === '' ? '' : `Lot ${lot}`]
            .filter((text) => text !== '')
            .join('. ')}
        </p>
        {picture?.tape != null && line.item.length === null && (
          <p className={styles['tape']}>
            On tape {picture.tape} mm apart: {quantity} {quantity === 1 ? 'piece' : 'pieces'}{' '}
            <b className={ink['m']}>{Math.round(quantity * picture.tape * 10) / 10} mm</b>
            {packs > pack + 1 && (
              <>
                , all that are left{' '}
                <b className={ink['m']}>{Math.round(quantity * (packs - pack) * picture.tape * 10) / 10} mm</b>
              </>
            )}
            .
          </p>
        )}
      </div>
      <InHand picture={picture} name={headline(line)} />
      <p className={styles['howmany']}>
        <b className={ink['m']}>{quantity}</b>{' '}
        <span>
          into {packs === 1 ? 'the' : 'each'} pocket of bag {line.bag}.<br />
          Now: {kitsAtOnce === 1 ? 'kit' : 'pack'} <span className={ink['m']}>{pack + 1}</span>
        </span>
      </p>
      <div className={styles['warns']}>
        {line.esd && <p>▲ Shielding bag: touch grounded metal first.</p>}
        {line.cushioned && <p>▲ Fragile.</p>}
        {line.not.map((other) => (
          <p key={other.designators.join()}>
            ▲ Not {other.designators.join(', ')} (
            {[other.value, markingWords(other.marking)].filter((text) => text !== '').join(': ')}): they look alike.
          </p>
        ))}
      </div>
    </section>
  );
}
