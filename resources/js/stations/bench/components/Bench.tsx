import { useState } from 'react';
import { useBench, useDifference, type BenchTest, type Difference } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { Circuit } from '@/shared/circuit';
import { useKeys } from '@/shared/keys';
import { useFacing, useKit } from '@/shared/kit';
import { RouteButton, Button, Notice, Split, Loading, TextLink } from '@/shared/ui';
import { Connectors } from './Connectors';
import { GateForm } from './GateForm';
import { PilotReadings } from './PilotReadings';
import { Proposals } from './Proposals';
import { Selections } from './Selections';
import { TestForm } from './TestForm';
import { TestRow } from './TestRow';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

/** The Bench station: the tests in the order they happen, each with its formula and the range that is printed. */
export function Bench() {
  const kit = useKit();
  const bench = useBench(kit.id);
  const earlier = kit.header.others.find((other) => other.id < kit.id) ?? null;
  const difference = useDifference(kit.id, earlier?.id ?? 0);
  const [chosen, choose] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const tests = bench.data?.tests ?? [];
  const current = adding ? null : (tests.find((test) => test.name === chosen) ?? tests[0] ?? null);
  useFacing(current?.step ?? null, 'top');
  const go = (by: number) => {
    const at = tests.findIndex((test) => test.name === current?.name);
    const next = tests[Math.max(0, Math.min(tests.length - 1, at + by))];
    if (next) {
      setAdding(false);
      choose(next.name);
    }
  };
  useKeys({
    ArrowDown: () => {
      go(1);
    },
    ArrowUp: () => {
      go(-1);
    },
  });
  if (bench.error) return <Notice title="The bench cannot be shown" text={bench.error.message} />;
  if (!bench.data) return <Loading what="Working out the readings" />;
  const open = tests.filter((test) => test.fault !== '').length;
  return (
    <Split
      start={560}
      work={
        <>
          <div className={ui['bar']}>
            <b>
              {tests.length} {tests.length === 1 ? 'test' : 'tests'} along the build
            </b>
            {open > 0 && <span className={ink['ochre']}>▲ {open} cannot be worked out</span>}
            <span className={ui['end']}>
              <TextLink to={`/kits/${String(kit.id)}/facts?view=bench`}>gates and volts</TextLink>
              <RouteButton to={`/kits/${String(kit.id)}/pilot`} title="Build one with a stopwatch">
                Pilot build
              </RouteButton>
              {kit.mayEdit && (
                <Button
                  look={adding ? 'on' : 'plain'}
                  aria-pressed={adding}
                  onClick={() => {
                    setAdding((now) => !now);
                  }}
                >
                  Add a test
                </Button>
              )}
            </span>
          </div>
          <div className={ui['scroll']} tabIndex={0} role="region" aria-label="Tests in the order they happen">
            {tests.length === 0 && (
              <p className={ui['loading']}>
                No test yet. A reading after each stage finds a fault while it is still one part.
              </p>
            )}
            <ol className={styles['tests']}>
              {tests.map((test) => (
                <TestRow
                  key={test.name}
                  test={test}
                  before={reopened(test, difference.data, earlier?.revision ?? '')}
                  current={test === current}
                  onPick={() => {
                    setAdding(false);
                    choose(test.name);
                  }}
                />
              ))}
            </ol>
            <Proposals
              proposals={bench.data.proposals ?? []}
              onAdded={(name) => {
                setAdding(false);
                choose(name);
              }}
            />
            <Selections selections={bench.data.selections ?? []} />
            <Circuit id={kit.id} lit={kit.selected} onPick={kit.select} />
            <Connectors connectors={bench.data.connectors} />
            {current && current.points.length > 0 && (
              <div className={styles['pointsat']}>
                <BoardView
                  lit={new Set([...current.points, current.adjusts ?? '', kit.selected ?? ''])}
                  fitted={null}
                  board={null}
                />
              </div>
            )}
          </div>
        </>
      }
      pane={
        <>
          <div className={ui['caption']}>
            <b>{adding ? 'A new test' : (current?.name ?? 'Nothing measured yet')}</b>
            {current && (
              <span className={ink['quiet']}>
                {current.step === null ? 'at no step' : `at step ${String(current.step)}`}
              </span>
            )}
          </div>
          <div className={ui['scroll']} tabIndex={0} role="region" aria-label="The test">
            {current && isGate(current) ? (
              <GateForm key={current.name} gate={current} />
            ) : (
              (adding || current) && (
                <TestForm
                  key={current?.name ?? ''}
                  test={current}
                  bench={bench.data}
                  onSaved={(name) => {
                    setAdding(false);
                    choose(name);
                  }}
                  onLeave={() => {
                    setAdding(false);
                    choose(null);
                  }}
                />
              )
            )}
            {!current && !adding && kit.selected !== null && (
              <div className={styles['pointsat']}>
                <BoardView lit={new Set([kit.selected])} fitted={null} board={null} />
              </div>
            )}
            {current && !isGate(current) && <PilotReadings key={`${current.name} read`} test={current} />}
          </div>
        </>
      }
    />
  );
}

/** What the test printed in the revision before, where a change of parts changed it. */
function reopened(
  test: BenchTest,
  difference: Difference | undefined,
  revision: string,
): { revision: string; printed: string } | null {
  const change = difference?.readings.find(
    (each) => each.test === test.name && each.before !== '' && each.after !== '' && each.before !== each.after,
  );
  return change ? { revision, printed: change.before } : null;
}

/** A gate that no test measures stands among them under its own name. */
function isGate(test: BenchTest): boolean {
  return test.gate === test.name && test.points.length === 0;
}
