import { useEffect, useState } from 'react';
import { useLook, type Lot } from '@/shared/api';
import { Button, Input, Marking, Press } from '@/shared/ui';
import { isWrong, verdict } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './stock.module.css';

const COLOURS = [
  ...['black', 'brown', 'red', 'orange', 'yellow', 'green', 'blue', 'violet', 'grey', 'white', 'gold', 'silver'],
] as const;
const MOST = 6;

/** The first piece of a lot against the list: its bands tapped, or some characters of its print. */
export function LookAtIt({ fingerprint, doubted }: { fingerprint: string; doubted: Lot | null }) {
  const look = useLook();
  const [bands, setBands] = useState<string[]>([]);
  const [print, setPrint] = useState('');
  const { mutate } = look;
  useEffect(() => {
    mutate({ fingerprint });
  }, [mutate, fingerprint]);
  const asks = look.data?.asks ?? 'measure';
  const ask = (said: { bands?: string[]; print?: string }) => {
    mutate({ fingerprint, lot: doubted?.id ?? null, ...said } as Parameters<typeof mutate>[0]);
  };
  const found = look.data && look.data.verdict !== null ? look.data : null;
  return (
    <>
      <h3>Is it the right part?</h3>
      {doubted && (
        <p className={ink['ochre']}>
          ▲ Take a piece of lot {doubted.name}: if it is right the lot is packed again, if not it is put on hold.
        </p>
      )}
      {asks === 'light' && <p className={ink['quiet']}>It bears no mark: light one and look at the colour.</p>}
      {asks === 'measure' && <p className={ink['quiet']}>It bears no mark: measure one.</p>}
      {asks === 'bands' && (
        <div className={styles['look']}>
          <span className={ink['quiet']}>Tap the bands of one piece, from either end.</span>
          <span className={styles['colours']}>
            {COLOURS.map((colour) => (
              <Press
                key={colour}
                className={styles['colour']}
                disabled={bands.length >= MOST}
                onClick={() => {
                  setBands([...bands, colour]);
                }}
              >
                {colour}
              </Press>
            ))}
          </span>
          {bands.length > 0 && (
            <span className={styles['tapped']}>
              <Marking marking={{ type: 'bands', bands, text: '' }} />
              <Button
                look="link"
                onClick={() => {
                  setBands([]);
                }}
              >
                again
              </Button>
              <Button
                disabled={bands.length < 3}
                onClick={() => {
                  ask({ bands });
                }}
              >
                Compare
              </Button>
            </span>
          )}
        </div>
      )}
      {asks === 'print' && (
        <form
          className={styles['deed']}
          onSubmit={(event) => {
            event.preventDefault();
            if (print.trim() !== '') ask({ print });
          }}
        >
          <label htmlFor="look-print">three characters of its print</label>
          <Input
            id="look-print"
            className={clsx(ui['filter'], styles['many'])}
            value={print}
            maxLength={40}
            onChange={(event) => {
              setPrint(event.target.value);
            }}
          />
          <Button type="submit" disabled={print.trim() === ''}>
            Compare
          </Button>
        </form>
      )}
      {found && (
        <p role="status" className={isWrong(found) ? ink['ochre'] : found.verdict === 'accepted' ? ink['verdi'] : ''}>
          {isWrong(found) ? '▲ ' : found.verdict === 'accepted' ? '● ' : ''}
          {verdict(found)}
          {isWrong(found) && ' Hold the lot until it is clear.'}
        </p>
      )}
      {look.error && <p className={ink['ochre']}>▲ {look.error.message}</p>}
    </>
  );
}
