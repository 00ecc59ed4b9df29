import Slider from '@mui/material/Slider';
import { useState } from 'react';
import type { Curve } from '@/shared/api';
import { Button } from '@/shared/ui';
import { bestWords, betterBatch, curvePath } from '../price';
import ink from '@/shared/style/ink.module.css';
import styles from './price.module.css';

type Props = {
  batch: number;
  /** parts of one kit, by the size of the batch from 1 on */ curve: readonly (number | null)[];
  best: Curve['best'];
  currency: string;
  onBatch: (batch: number) => void;
};

const WIDTH = 1000;
const HEIGHT = 90;

/** The size of the batch, over the curve of what the parts of one kit cost by it. */
export function BatchSlider({ batch, curve, best, currency, onBatch }: Props) {
  const [at, setAt] = useState(batch);
  const each = curve[at - 1];
  const { less, cheaper } = betterBatch(curve, at);
  return (
    <div className={styles['batch']}>
      <p>
        <b>
          {at} {at === 1 ? 'kit' : 'kits'} in one go
        </b>
        {each != null && (
          <span>
            {' '}
            parts of one: <span className={ink['m']}>{each.toFixed(2)}</span> {currency}
          </span>
        )}
        {less !== null && <span className={ink['verdi']}> {less} kits cost less in all</span>}
        {less === null && cheaper !== null && (
          <span className={ink['quiet']}>
            {' '}
            with {cheaper.kits} each costs {cheaper.by.toFixed(2)} less
          </span>
        )}
        {best !== null && ' '}
        {best !== null && (
          <Button
            look="link"
            title={bestWords(best, currency)}
            onClick={() => {
              setAt(best.kits);
              onBatch(best.kits);
            }}
          >
            {best.kits}
            {best.kits === curve.length ? ' or more' : ''} at a time cost least a year
          </Button>
        )}
      </p>
      <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} preserveAspectRatio="none" aria-hidden>
        <path d={curvePath(curve, WIDTH, HEIGHT)} className={styles['curve']} />
        <path d={`M${String(((at - 1) / 499) * WIDTH)} 0V${String(HEIGHT)}`} className={styles['at']} />
      </svg>
      <Slider
        min={1}
        max={500}
        value={at}
        aria-label="Kits in one go"
        onChange={(_, value) => {
          setAt(value);
        }}
        onChangeCommitted={(_, value) => {
          onBatch(value);
        }}
      />
    </div>
  );
}
