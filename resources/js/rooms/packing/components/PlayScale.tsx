import { useState } from 'react';
import { usePlayScale, type BinScale, type ScaleDeed } from '@/shared/api';
import styles from './scale.module.css';

/** An empty bag with its label, grams. */
const BAG = 1.4;

/** Stands in for hands, where the scale is the simulated one: takes from its bin, pours in, charges it. */
export function PlayScale({ bin, each }: { bin: BinScale; each: number }) {
  const play = usePlayScale();
  const [open, setOpen] = useState(false);
  const [isCharged, setCharged] = useState(false);
  const piece = bin.needle === null ? 0 : (bin.needle.more - bin.needle.less) / 2;
  const kits = Math.max(1, Math.min(4, bin.handful));
  const deed = (what: ScaleDeed['deed'], grams: number) => () => {
    play.mutate({ deed: what, grams });
  };
  const takes: readonly (readonly [string, number])[] = bin.gains
    ? [
        ['put all in', -each],
        ['put one in', -1],
        ['take one out', 1],
      ]
    : [
        ['take for 1 kit', each],
        [`take for ${String(kits)}`, each * kits],
        ['one too few', each * kits - 1],
        ['put one back', -1],
      ];
  return (
    <div className={styles['play']}>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => {
          setOpen(!open);
        }}
      >
        simulated scale
      </button>
      {open && (
        <div role="group" aria-label="Play the simulated scale" className={styles['playing']}>
          {takes.map(([name, pieces]) => (
            <button key={name} type="button" onClick={deed(pieces < 0 ? 'put' : 'take', Math.abs(pieces) * piece)}>
              {name}
            </button>
          ))}
          <button type="button" onClick={deed('put', bin.check.mass)}>
            lay the check mass on
          </button>
          <button type="button" onClick={deed('take', bin.check.mass)}>
            take it off
          </button>
          {bin.gains ? (
            <>
              <button type="button" onClick={deed('bin', 0)}>
                bag out
              </button>
              <button type="button" onClick={deed('bin', BAG)}>
                empty bag in
              </button>
            </>
          ) : (
            <button type="button" onClick={deed('bin', 120)}>
              full bin
            </button>
          )}
          <button
            type="button"
            aria-pressed={isCharged}
            onClick={() => {
              play.mutate({ deed: 'static', grams: isCharged ? 0 : 0.02 });
              setCharged(!isCharged);
            }}
          >
            static
          </button>
          <button type="button" onClick={deed(bin.state === 'off' ? 'on' : 'off', 0)}>
            {bin.state === 'off' ? 'switch on' : 'switch off'}
          </button>
        </div>
      )}
      {play.error && <p role="alert">{play.error.message}</p>}
    </div>
  );
}
