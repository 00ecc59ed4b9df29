import { useState } from 'react';
import type { Lot, LotMove } from '@/shared/api';
import { StopLot } from '@/shared/lots';
import { Button, Input, Select } from '@/shared/ui';
import { amount, origin } from '../model';
import { CountByScale } from './CountByScale';
import { LotKitList } from './LotKitList';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './stock.module.css';

/** What can be booked by hand of a lot, and what its number means. */
const DEEDS = [
  ['counted', 'counted: so many are there'],
  ['wasted', 'wasted'],
  ['sent', 'sent as a replacement'],
  ['returned', 'came back'],
] as const;

type Deed = (typeof DEEDS)[number][0];
type Props = {
  lot: Lot;
  unit: 'piece' | 'mm';
  mayMove: boolean;
  busy: boolean;
  onMove: (said: Omit<LotMove, 'operationId'>) => Promise<boolean>;
};

/** A lot: how much is left, where from, in the bin or on hold; count it, hold it, see who has it. */
export function LotCard({ lot, unit, mayMove, busy, onMove }: Props) {
  const [deed, setDeed] = useState<Deed>('counted');
  const [text, setText] = useState('');
  const [kits, setKits] = useState(false);
  const [weighing, setWeighing] = useState(false);
  const [stopping, setStopping] = useState(false);
  const id = `lot-${String(lot.id)}`;
  const book = async () => {
    if (await onMove({ entry: deed, quantity: text, note: '' })) setText('');
  };
  return (
    <li className={clsx(styles['lot'], lot.held && styles['held'])}>
      <p className={styles['lothead']}>
        <b className={ink['m']}>{lot.name === '' ? 'no lot named' : lot.name}</b>
        <span className={lot.onHand < 0 ? ink['ochre'] : ''}>
          {lot.onHand < 0 && '▲ '}
          {amount(lot.onHand, unit)}
        </span>
        <span className={ink['quiet']}>{origin(lot)}</span>
        {lot.inBin && <span className={ink['verdi']}>● in the bin</span>}
        {lot.look && <span className={ink['ochre']}>▲ doubted: look at one piece before the next is packed</span>}
        {lot.held && <span className={ink['ochre']}>▲ on hold{lot.note === '' ? '' : `: ${lot.note}`}</span>}
      </p>
      {mayMove && (
        <form
          className={styles['deed']}
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim() !== '') void book();
          }}
        >
          <label className={ink['sr']} htmlFor={`${id}-deed`}>
            What happened to lot {lot.name}
          </label>
          <Select
            id={`${id}-deed`}
            className={clsx(ui['filter'], styles['which'])}
            value={deed}
            onChange={(event) => {
              setDeed(event.target.value as Deed);
            }}
          >
            {DEEDS.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
          <label className={ink['sr']} htmlFor={`${id}-many`}>
            How many
          </label>
          <Input
            id={`${id}-many`}
            className={clsx(ui['filter'], styles['many'])}
            inputMode="decimal"
            placeholder={unit === 'mm' ? 'mm' : 'pieces'}
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
          <Button type="submit" disabled={busy || text.trim() === ''}>
            Book it
          </Button>
          {unit === 'piece' && (
            <Button
              look="link"
              aria-expanded={weighing}
              onClick={() => {
                setWeighing(!weighing);
              }}
            >
              count by scale
            </Button>
          )}
          <Button
            disabled={busy}
            onClick={() => void onMove({ entry: lot.held ? 'freed' : 'held', quantity: null, note: '' })}
          >
            {lot.held ? 'Free it' : 'Hold it'}
          </Button>
          {!lot.held && !lot.look && (
            <Button
              look="link"
              disabled={busy}
              onClick={() => void onMove({ entry: 'look', quantity: null, note: '' })}
            >
              doubt it
            </Button>
          )}
          <Button
            look="link"
            aria-expanded={kits}
            onClick={() => {
              setKits(!kits);
            }}
          >
            kits with it
          </Button>
          <Button
            look="link"
            onClick={() => {
              setStopping(true);
            }}
          >
            stop it
          </Button>
        </form>
      )}
      {weighing && (
        <CountByScale
          id={id}
          onCount={(pieces) => {
            setDeed('counted');
            setText(pieces);
            setWeighing(false);
          }}
        />
      )}
      {kits && <LotKitList lot={lot.id} />}
      {stopping && (
        <StopLot
          lot={lot.id}
          why={lot.note}
          onLeave={() => {
            setStopping(false);
          }}
        />
      )}
    </li>
  );
}
