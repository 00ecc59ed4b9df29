import { useState } from 'react';
import { useCuts, type Cuts, type Paper } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Input, Loading, PrintButton } from '@/shared/ui';
import { barPieces, kitsWanted } from '../cuts';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bags.module.css';

/** How bars and reels are cut for a number of kits, and some to spare. */
export function CutSheet({ paper }: { paper: Paper }) {
  const kit = useKit();
  const [text, setText] = useState('20');
  const [spare, setSpare] = useState('0');
  const kits = kitsWanted(text, spare);
  const cuts = useCuts(kit.id, kits);
  return (
    <section className={styles['cutsheet']} aria-label="Cutting">
      <p className={ui['bar']}>
        <label htmlFor="cut-kits">Cut for</label>
        <Input
          id="cut-kits"
          className={clsx(ui['filter'], styles['count'])}
          inputMode="numeric"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
        <label htmlFor="cut-spare">kits and</label>
        <Input
          id="cut-spare"
          className={clsx(ui['filter'], styles['count'])}
          inputMode="numeric"
          value={spare}
          onChange={(event) => {
            setSpare(event.target.value);
          }}
        />
        <span>more to spare</span>
        <span className={ui['end']}>
          <PrintButton label="Print the cut sheet" kind="cut-sheet" subject={kit.id} paper={paper} kits={kits} />
        </span>
      </p>
      {cuts.data ? <Sheet cuts={cuts.data} /> : <Loading what="Fitting the pieces" fault={cuts.error} />}
    </section>
  );
}

function Sheet({ cuts }: { cuts: Cuts }) {
  const nothing = cuts.stocks.length === 0 && cuts.windings.length === 0 && cuts.faults.length === 0;
  return (
    <>
      {cuts.faults.map((fault) => (
        <p key={fault} className={ink['ochre']} role="alert">
          ▲ {fault}
        </p>
      ))}
      {nothing && (
        <p className={ink['quiet']}>
          Nothing is cut yet. Say under Facts, Cutting, what bars and reels you buy: strips, wire, sleeve.
        </p>
      )}
      {cuts.stocks.map((stock) => (
        <section key={stock.name} aria-label={stock.name}>
          <h3>
            {stock.name}: <b className={ink['m']}>{stock.bars}</b>{' '}
            <span className={ink['quiet']}>
              of {stock.length} {stock.unit === 'mm' ? 'mm' : 'positions'},{' '}
              {stock.proved ? 'fewer would not do' : `at least ${String(stock.bound)} are needed`}
            </span>
          </h3>
          <ul className={styles['bars']}>
            {stock.patterns.map((pattern) => (
              <li key={pattern.pieces.join(' ')}>
                <b className={ink['m']}>{pattern.times}×</b>
                <span className={styles['stick']}>
                  {barPieces(pattern.pieces).map(({ length, count, at }) => (
                    <span key={at} style={{ flexGrow: length * count }}>
                      {count > 1 ? `${String(count)} × ` : ''}
                      {length}
                    </span>
                  ))}
                  {pattern.waste > 0 && (
                    <span className={styles['waste']} style={{ flexGrow: pattern.waste }}>
                      {pattern.waste} left
                    </span>
                  )}
                </span>
              </li>
            ))}
          </ul>
          {stock.offcuts.length > 0 && (
            <p className={ink['quiet']}>
              Keep as stock:{' '}
              {stock.offcuts.map(({ length, count }) => `${String(count)} × ${String(length)}`).join(', ')}
            </p>
          )}
        </section>
      ))}
      {cuts.windings.length > 0 && (
        <p>
          <b>To wind:</b>{' '}
          {cuts.windings.map(({ part, length }) => `${part}: ${length.toFixed(0)} mm of wire`).join('; ')}
        </p>
      )}
      {cuts.unlisted.length > 0 && (
        <p className={ink['quiet']}>No stock is named for {cuts.unlisted.join(', ')} (Facts, Cutting).</p>
      )}
    </>
  );
}
