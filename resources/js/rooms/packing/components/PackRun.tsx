import { useCallback, useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { usePackPictures, useRun, type PackPicture } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { Notice } from '@/shared/ui';
import { headline, isUnread, lotNow, minutesLeft } from '../model';
import { keyWords, turnAfter } from '../queue';
import { useBagLabel } from '../useBagLabel';
import { useCodeReader } from '../useCodeReader';
import { usePacking } from '../usePacking';
import { BagBox } from './BagBox';
import { Holes } from './Holes';
import { LineNow } from './LineNow';
import { LotBox } from './LotBox';
import { Places } from './Places';
import { Pockets } from './Pockets';
import { RunDone } from './RunDone';
import { RunKeys } from './RunKeys';
import { ScalePanel } from './ScalePanel';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './packing.module.css';

/** One action at a time, in type that is read from across the bench; everything by one key. */
export function PackRun() {
  const run = useRun(Number(useParams()['runId']));
  const navigate = useNavigate();
  const { press, trouble, keys, offline, confirmed } = usePacking(run.data);
  const pictures = usePackPictures(Number(useParams()['runId']));
  const [lot, setLot] = useState(false);
  const [wantsHoles, setWantsHoles] = useState(false);
  const [weighs, setWeighs] = useState(false);
  const clock = useClock();
  const at = run.data ? turnAfter(run.data, keys) : null;
  const asksBin = run.data !== undefined && at !== null && isUnread(run.data, at.line);
  const leave = () => void navigate('/packing');
  // A key that is held down is one key.
  const act = (action: 'in' | 'undo' | 'short') => (event: KeyboardEvent) => {
    if (!lot && !weighs && !event.repeat && (action === 'undo' || !asksBin)) press(action);
  };
  const nameLot = () => {
    if (run.data?.turn && keys.length === 0) setLot(true);
  };
  const took = useCallback(
    (kits: number) => {
      for (let kit = 0; kit < kits; kit += 1) press('in');
    },
    [press],
  );
  const label = useBagLabel(Number(useParams()['runId']), (at && run.data?.lines[at.line]?.bag) ?? null);
  useCodeReader(run.data?.readsBins === true && !lot && !weighs, (code) => {
    if (keys.length === 0) press('lot', { lot: code });
  });
  const bagKey = () => {
    setWeighs(!weighs);
  };
  const holesKey = () => {
    setWantsHoles(!wantsHoles);
  };
  useKeys({
    ...{ ' ': act('in'), z: act('undo'), Z: act('undo'), s: act('short'), S: act('short') },
    ...{ p: label.print, P: label.print },
    ...{ l: nameLot, L: nameLot, h: holesKey, H: holesKey, b: bagKey, B: bagKey },
    Escape: () => {
      if (lot) setLot(false);
      else if (weighs) setWeighs(false);
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
  const turn = at;
  const line = turn === null ? null : (now.lines[turn.line] ?? null);
  const showsHoles = wantsHoles && now.holes.length > 0;
  const left = minutesLeft(now, clock);
  const holes = now.holes.length > 0 && (
    <Holes
      run={now}
      busy={keys.length > 0}
      onFill={(at, pack) => {
        press('fill', { at: { line: at, pack } });
      }}
    />
  );
  const drawn = pictures.data?.pictures as Readonly<Record<string, PackPicture>> | undefined;
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
          {keys.length > 2 && !offline && <span className={styles['waiting']}>{keys.length} keys on their way </span>}
          {left !== null && line ? `about ${String(left)} min left` : ''}
          {now.newer !== null && (
            <span className={styles['old']}> ▲ packed the old way: revision {now.newer} is out</span>
          )}
        </span>
      </header>
      {line && turn ? (
        <>
          <div className={styles['work']}>
            <LineNow
              line={line}
              lot={lotNow(now, turn.line)}
              pack={turn.pack}
              packs={now.packs}
              kitsAtOnce={now.kitsAtOnce}
              picture={drawn?.[line.item.designators[0] ?? '']}
            />
            <div className={styles['side']}>
              <Places run={now} line={line} />
              <ScalePanel key={turn.line} run={now} line={line} turn={turn} busy={keys.length > 0} onTook={took} />
            </div>
          </div>
          {lot || asksBin ? (
            <LotBox
              key={turn.line}
              first={asksBin ? '' : lotNow(now, turn.line)}
              {...(asksBin ? { asks: `read the code of the bin of ${headline(line)}, or type its lot` } : {})}
              onLeave={() => {
                setLot(false);
              }}
              onSave={(text) => {
                setLot(false);
                press('lot', { lot: text });
              }}
            />
          ) : weighs ? (
            <BagBox run={now} first={line.bag} onLeave={bagKey} />
          ) : showsHoles ? (
            holes
          ) : (
            <Pockets run={now} turn={turn} keys={keys} confirmed={confirmed} />
          )}
        </>
      ) : (
        <RunDone run={now}>
          {holes}
          {weighs && <BagBox run={now} first="A" onLeave={bagKey} />}
        </RunDone>
      )}
      <footer>
        {trouble !== null && (
          <p className={styles['trouble']} role="alert">
            ▲ {trouble}
          </p>
        )}
        {label.fault !== null && (
          <p className={styles['trouble']} role="alert">
            ▲ {label.fault}
          </p>
        )}
        {label.done && (
          <p className={styles['printed']} role="status">
            The label of bag {label.done.bag} is printed:{' '}
            <a href={`/api/exports/${String(label.done.id)}/file`} download>
              look at it
            </a>
          </p>
        )}
        {offline && (
          <p className={styles['trouble']} role="status">
            ▲ No line to the server. {keys.length} {keys.length === 1 ? 'key waits' : 'keys wait'} here and will go by
            themselves{keys[0] ? `, first: ${keyWords(now, keys[0])}` : ''}.
          </p>
        )}
        <RunKeys
          run={now}
          busy={lot || weighs || asksBin}
          hasLine={line !== null}
          showsHoles={showsHoles}
          onPress={press}
          onLot={nameLot}
          onHoles={holesKey}
          onBag={bagKey}
          label={label}
          onLeave={leave}
        />
      </footer>
    </main>
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
