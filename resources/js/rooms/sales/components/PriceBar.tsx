import { useState, type SyntheticEvent } from 'react';
import type { Price, PriceTrial } from '@/shared/api';
import { Button, Input } from '@/shared/ui';
import { percent } from '@/shared/format';
import { percentOf, shareOf } from '../price';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './price.module.css';

type Props = { price: Price; tried: PriceTrial; onTried: (tried: PriceTrial) => void; busy: boolean };

/** What the kit costs and its price: for a margin, or the margin of a price that is typed. */
export function PriceBar({ price, tried, onTried, busy }: Props) {
  const [margin, setMargin] = useState(percentOf(price.facts.margin));
  const [wanted, setWanted] = useState('');
  const { currency } = price;
  const ask = (event: SyntheticEvent) => {
    event.preventDefault();
    const rest: PriceTrial = tried.batch === undefined ? {} : { batch: tried.batch };
    const share = shareOf(margin);
    if (wanted.trim() !== '') onTried({ ...rest, price: wanted.trim().replace(',', '.') });
    else if (share !== null) onTried({ ...rest, margin: share });
  };
  return (
    <form className={styles['bar']} onSubmit={ask} aria-label="Price">
      <span>
        costs{' '}
        <b className={ink['m']}>
          {price.cost} {currency}
        </b>{' '}
        {price.low !== price.high && (
          <span className={ink['quiet']}>
            ({price.low} to {price.high})
          </span>
        )}
      </span>
      {price.price === null ? (
        <b className={ink['ochre']}>▲ fees and margin together leave nothing of any price</b>
      ) : (
        <span>
          price{' '}
          <b className={clsx(ink['m'], styles['big'])}>
            {price.price} {currency}
          </b>{' '}
          {price.margin !== null && (
            <span className={price.margin < 0 ? ink['crimson'] : ink['verdi']}>
              {price.margin < 0 ? '▲ loses' : 'leaves'} {percent(Math.abs(price.margin))}, {price.left} {currency}
            </span>
          )}{' '}
          {price.gross !== price.price && (
            <span className={ink['quiet']}>
              {price.gross} {currency} with tax
            </span>
          )}
        </span>
      )}
      <span className={styles['ask']}>
        <label htmlFor="ask-margin">price for a margin of</label>
        <Input
          id="ask-margin"
          className={styles['few'] ?? ''}
          inputMode="decimal"
          value={margin}
          onChange={(event) => {
            setMargin(event.target.value);
            setWanted('');
          }}
        />
        %<label htmlFor="ask-price">or margin of a price of</label>
        <Input
          id="ask-price"
          className={styles['few'] ?? ''}
          inputMode="decimal"
          placeholder={price.price ?? ''}
          value={wanted}
          onChange={(event) => {
            setWanted(event.target.value);
          }}
        />
        <Button type="submit" disabled={busy}>
          Work it out
        </Button>
      </span>
    </form>
  );
}
