import Checkbox from '@mui/material/Checkbox';
import { useState } from 'react';
import { useSuppliers, type BuyingPlan, type ShelfRow } from '@/shared/api';
import { Button, Input, KitChooser, Select } from '@/shared/ui';
import type { Batch, Tried } from '../buying';
import styles from './buying.module.css';

type Props = {
  batches: readonly Batch[];
  onBatches: (batches: readonly Batch[]) => void;
  tried: Tried;
  onTried: (tried: Tried) => void;
  rates: BuyingPlan['rates'];
  currency: string;
};

/** For which kits is bought, and what is put otherwise to see what it would cost. */
export function BatchBar({ batches, onBatches, tried, onTried, rates, currency }: Props) {
  const [adding, setAdding] = useState(false);
  const suppliers = useSuppliers();
  const add = (kit: ShelfRow | null) => {
    if (kit && !batches.some(({ kitId }) => kitId === kit.id))
      onBatches([...batches, { kitId: kit.id, kit: kit.name, kits: '20' }]);
    setAdding(false);
  };
  return (
    <div className={styles['batches']}>
      <span className={styles['for']}>for</span>
      {batches.map((batch, at) => (
        <span key={batch.kitId} className={styles['batch']}>
          <Input
            className={styles['many'] ?? ''}
            aria-label={`How many ${batch.kit}`}
            inputMode="numeric"
            value={batch.kits}
            onChange={(event) => {
              onBatches(batches.map((each, index) => (index === at ? { ...each, kits: event.target.value } : each)));
            }}
          />
          {batch.kit}
          {batches.length > 1 && (
            <Button
              look="link"
              aria-label={`Not for ${batch.kit}`}
              onClick={() => {
                onBatches(batches.filter((each) => each !== batch));
              }}
            >
              ✕
            </Button>
          )}
        </span>
      ))}
      {adding ? (
        <span className={styles['add']}>
          <KitChooser id="batch-kit" label="and" kit={null} onChoose={add} />
        </span>
      ) : (
        <Button
          onClick={() => {
            setAdding(true);
          }}
        >
          and another kit
        </Button>
      )}
      <label className={styles['try']} htmlFor="with-spares">
        <Checkbox
          id="with-spares"
          size="small"
          checked={tried.spares}
          onChange={(event) => {
            onTried({ ...tried, spares: event.target.checked });
          }}
        />
        with spares, so that 95 of 100 kits are complete
      </label>
      <label className={styles['try']}>
        without
        <Select
          value={tried.without === null ? '' : String(tried.without)}
          onChange={(event) => {
            onTried({ ...tried, without: event.target.value === '' ? null : Number(event.target.value) });
          }}
        >
          <option value="">nobody</option>
          {suppliers.data?.suppliers.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
      </label>
      {rates
        .filter((rate) => rate.currency !== currency)
        .map((rate) => (
          <label key={rate.currency} className={styles['try']}>
            one {rate.currency} is
            <Input
              className={styles['rate'] ?? ''}
              inputMode="decimal"
              value={tried.rates[rate.currency] ?? rate.rate}
              onChange={(event) => {
                onTried({ ...tried, rates: { ...tried.rates, [rate.currency]: event.target.value } });
              }}
            />
            {currency}
          </label>
        ))}
    </div>
  );
}
