import { useEffect, useState } from 'react';
import { useManual, usePilot } from '@/shared/api';
import { BoardView, fittedBefore } from '@/shared/board';
import { keep, recall } from '@/shared/keep';
import { useKeys } from '@/shared/keys';
import { useFacing, useKit } from '@/shared/kit';
import { RouteButton, Button, Marking, Notice, Split, Loading } from '@/shared/ui';
import { buildNow, clock, elapsed, isWatch, minutesOf, nextStep, STOPPED, toggled, type Watch } from '../model';
import { PilotRows } from './PilotRows';
import { Snag } from './Snag';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './pilot.module.css';

/** A pilot build at the bench: one step in large type, a stopwatch, a key when it is done, snags as they come. */
export function Pilot() {
  const kit = useKit();
  const manual = useManual(kit.id);
  const log = usePilot(kit.id);
  const kept = `pilot ${String(kit.id)}`;
  const [watch, setWatch] = useState<Watch>(() => recall(kept, isWatch, STOPPED));
  const [now, setNow] = useState(() => Date.now());
  const [snagging, setSnagging] = useState(false);
  const steps = manual.data?.steps ?? [];
  const rows = log.data?.rows ?? [];
  const build = buildNow(rows, steps);
  const at = nextStep(rows, steps, build);
  const step = at === null ? null : (steps[at] ?? null);
  const fitted = fittedBefore(steps, step?.number ?? Infinity);
  useFacing(step?.number ?? null, step?.side);
  const turn = (next: Watch) => {
    setWatch(next);
    keep(kept, next);
  };
  useEffect(() => {
    if (watch.since === null) return undefined;
    const tick = setInterval(() => {
      setNow(Date.now());
    }, 250);
    return () => {
      clearInterval(tick);
    };
  }, [watch.since]);
  const done = async () => {
    if (!step || kit.saving || !kit.mayEdit) return;
    const time = elapsed(watch, Date.now());
    const saved = await kit.save([
      {
        type: 'pilot',
        target: '',
        field: '',
        value: { build: String(build), step: step.key, minutes: minutesOf(time), snag: '', settled: '', photo: '' },
      },
    ]);
    // The stopwatch runs on into the next step; a refused save keeps its time.
    if (saved === 'saved') turn({ stood: 0, since: watch.since === null ? null : Date.now() });
  };
  useKeys(
    snagging
      ? {}
      : {
          ' ': () => void done(),
          p: () => {
            turn(toggled(watch, Date.now()));
          },
          s: () => {
            setSnagging(true);
          },
        },
  );
  if (manual.error ?? log.error)
    return <Notice title="The pilot build cannot be shown" text={(manual.error ?? log.error)?.message ?? ''} />;
  if (manual.data === undefined || !log.data) return <Loading what="Opening the log" />;
  if (manual.data === null)
    return (
      <Notice
        title="There is no order to build by yet"
        text="Settle what the Order station shows; then a pilot build can begin."
      />
    );
  if (steps.length === 0)
    return (
      <Notice
        title="There is no step to build yet"
        text="Drop a parts list on the Parts station; the order comes from it, and then a pilot build can begin."
      />
    );
  return (
    <Split
      start={600}
      work={
        <div className={styles['pilot']}>
          <div className={ui['bar']}>
            <span>
              <b>Pilot build {build}</b> {step ? `step ${String(step.number)} of ${String(steps.length)}` : 'is done'}
            </span>
            <span className={ui['end']}>
              <RouteButton to={`/kits/${String(kit.id)}/order`}>Back to the order</RouteButton>
            </span>
          </div>
          {step && (
            <main className={styles['bench-step']}>
              <h1>
                {step.number}. {step.title}
              </h1>
              <p className={styles['watch']} role="timer" aria-label="stopwatch">
                {clock(elapsed(watch, now))}{' '}
                <span className={clsx(ink['quiet'], styles['quiet'])}>usual {step.minutes.toFixed(1)} min</span>
              </p>
              <ul className={styles['bench-parts']}>
                {step.parts.map((part) => (
                  <li key={part.designator}>
                    <b className={clsx(ink['m'], styles['m'])}>
                      {part.designator.startsWith('~') ? '' : part.designator}
                    </b>{' '}
                    <span>{part.value}</span>
                    <Marking marking={part.marking} />
                  </li>
                ))}
              </ul>
              {step.cautions.map((text) => (
                <p key={text} className={ink['ochre']}>
                  ▲ {text}
                </p>
              ))}
              {step.gate && (
                <p>
                  Expect <b>{step.gate.expect}</b>.
                </p>
              )}
              <p className={styles['bench-keys']}>
                <Button
                  look="primary"
                  className={styles['big']}
                  disabled={!kit.mayEdit || kit.saving}
                  onClick={() => void done()}
                >
                  Done <kbd>space</kbd>
                </Button>
                <Button
                  className={styles['big']}
                  onClick={() => {
                    turn(toggled(watch, Date.now()));
                    setNow(Date.now());
                  }}
                >
                  {watch.since === null ? 'Start the watch' : 'Hold the watch'} <kbd>P</kbd>
                </Button>
                <Button
                  className={styles['big']}
                  disabled={!kit.mayEdit}
                  onClick={() => {
                    setSnagging(true);
                  }}
                >
                  A snag <kbd>S</kbd>
                </Button>
              </p>
              {!kit.mayEdit && (
                <p className={clsx(ink['quiet'], styles['quiet'])}>
                  A released revision takes no more log; begin a new revision on the Shelf.
                </p>
              )}
            </main>
          )}
          {snagging && step && (
            <Snag
              key={step.key}
              build={build}
              step={step}
              onLeave={() => {
                setSnagging(false);
              }}
            />
          )}
          <PilotRows rows={rows} steps={steps} />
        </div>
      }
      pane={
        <BoardView
          lit={step ? new Set(step.parts.map((part) => part.designator)) : null}
          fitted={fitted}
          board={step?.board ?? null}
        />
      }
    />
  );
}
