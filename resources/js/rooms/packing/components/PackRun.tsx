import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useRun, type Run } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { Notice } from '@/shared/ui';
import { lineNow, lotNow, minutesLeft } from '../model';
import { usePacking } from '../usePacking';
import { Holes } from './Holes';
import { LineNow } from './LineNow';
import { LotBox } from './LotBox';
import { RunDone } from './RunDone';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './packing.module.css';

/** One action at a time, in type that is read from across the bench; everything by one key. */
export function PackRun() {
  const run = useRun(Number(useParams()['runId']));
  const navigate = useNavigate();
  const { press, trouble, sending } = usePacking(run.data);
  const [lot, setLot] = useState(false);
  const [wantsHoles, setWantsHoles] = useState(false);
  const clock = useClock();
  const leave = () => void navigate('/packing');
  const act = (action: 'in' | 'undo' | 'short') => () => {
    if (!lot) void press(action);
  };
  useKeys({
    ' ': act('in'),
    z: act('undo'),
    Z: act('undo'),
    s: act('short'),
    S: act('short'),
    l: () => {
      if (run.data?.turn) setLot(true);
    },
    L: () => {
      if (run.data?.turn) setLot(true);
    },
    h: () => {
      setWantsHoles(!wantsHoles);
    },
    H: () => {
      setWantsHoles(!wantsHoles);
    },
    Escape: () => {
      if (lot) setLot(false);
      else leave();
    },
  });
  if (run.error) return <Notice title="This run cannot be shown" text={run.error.message} />;
  if (!run.data)
    return (
      <p className={ui['loading']} role="status">
        Reading the run
      </p>
    );
  const now = run.data;
  const line = lineNow(now);
  const showsHoles = wantsHoles && now.holes.length > 0;
  const left = minutesLeft(now, clock);
  const holes = now.holes.length > 0 && (
    <Holes run={now} busy={sending} onFill={(at, pack) => void press('fill', { at: { line: at, pack } })} />
  );
  return (
    <main className={styles['bench']} aria-label="Packing">
      <header>
        <b>
          {now.kit}, {now.packs}{' '}
          {now.kitsAtOnce === 1 ? (now.packs === 1 ? 'kit' : 'kits') : `packs of ${String(now.packSize)}`}
          {now.dealing === 'pupil'
            ? `, ${String(now.packs / now.packSize)} class packs of ${String(now.packSize)}`
            : ''}
        </b>
        {line && (
          <span>
            bag {line.bag}: {line.bagTitle}
          </span>
        )}
        {line && (
          <span>
            part {line.at} of {line.of}
          </span>
        )}
        <span className={clsx(ui['end'], styles['end'])}>
          {left !== null && line ? `about ${String(left)} min left` : ''}
        </span>
      </header>
      {line && now.turn ? (
        <>
          <LineNow
            line={line}
            lot={lotNow(now, now.turn.line)}
            pack={now.turn.pack}
            packs={now.packs}
            kitsAtOnce={now.kitsAtOnce}
          />
          {lot ? (
            <LotBox
              first={lotNow(now, now.turn.line)}
              onLeave={() => {
                setLot(false);
              }}
              onSave={(text) => {
                setLot(false);
                void press('lot', { lot: text });
              }}
            />
          ) : showsHoles ? (
            holes
          ) : (
            <Packs run={now} line={now.turn.line} />
          )}
        </>
      ) : (
        <RunDone run={now}>{holes}</RunDone>
      )}
      <footer>
        {trouble && (
          <p className={styles['trouble']} role="alert">
            ▲ {trouble}
          </p>
        )}
        {line && (
          <button type="button" disabled={sending || lot} onClick={act('in')}>
            <kbd>Space</kbd> in the bag
          </button>
        )}
        <button type="button" disabled={sending || lot || now.done === 0} onClick={act('undo')}>
          <kbd>Z</kbd> undo
        </button>
        {line && (
          <button type="button" disabled={sending || lot} onClick={act('short')}>
            <kbd>S</kbd> short: none left
          </button>
        )}
        {line && (
          <button
            type="button"
            disabled={sending || lot}
            onClick={() => {
              setLot(true);
            }}
          >
            <kbd>L</kbd> new lot
          </button>
        )}
        {line && now.holes.length > 0 && (
          <button
            type="button"
            aria-expanded={showsHoles}
            onClick={() => {
              setWantsHoles(!wantsHoles);
            }}
          >
            <kbd>H</kbd> holes: {now.holes.length}
          </button>
        )}
        <button type="button" className={clsx(ui['end'], styles['end'])} onClick={leave}>
          <kbd>Esc</kbd> stop, resume later
        </button>
      </footer>
    </main>
  );
}

const CELLS: Readonly<Record<string, string>> = { i: 'in', s: 'short' };

function Packs({ run, line }: { run: Run; line: number }) {
  return (
    <ol className={styles['packs']} aria-label="Packs">
      {Array.from(run.cells[line] ?? '').map((sign, index) => (
        <li
          key={index}
          className={run.turn?.line === line && run.turn.pack === index ? styles['now'] : styles[CELLS[sign] ?? '']}
          aria-label={`pack ${String(index + 1)}: ${CELLS[sign] ?? 'open'}`}
        >
          {sign === 's' ? '–' : index + 1}
        </li>
      ))}
    </ol>
  );
}

function useClock(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(Date.now());
    }, 15_000);
    return () => {
      clearInterval(timer);
    };
  }, []);
  return now;
}
