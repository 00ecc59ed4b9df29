import { useState } from 'react';
import { useFaults, useMe, type Counted, type FaqEntry } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { percent } from '@/shared/format';
import { useKit } from '@/shared/kit';
import { Split, WhyList, Loading, TextLink } from '@/shared/ui';
import { BarList } from '@/shared/ui/chart';
import { Alarms } from './Alarms';
import { FaqCard } from './FaqCard';
import { Fevers, heat } from './Fever';
import { MendedList } from './MendedList';
import { PlaceCauses } from './PlaceCauses';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './faults.module.css';

/** The Faults station: how often kits are reported, what the reports are about, and the FAQ as customers see it. */
export function Faults() {
  const kit = useKit();
  const faults = useFaults(kit.id);
  const me = useMe();
  const [chosen, choose] = useState<FaqEntry | null>(null);
  const [place, pick] = useState<string | null>(null);
  const mayAnswer = me.data?.abilities.includes('answer-reports') ?? false;
  if (!faults.data) return <Loading what="Counting the reports" fault={faults.error} />;
  const { study } = faults.data;
  return (
    <Split
      work={
        <div className={clsx(ui['scroll'], styles['faultroom'])} tabIndex={0} role="region" aria-label="Faults">
          <section className={styles['rate']} aria-label="Rate of reports">
            {study.rate === null || study.low === null || study.high === null ? (
              <p>
                <b>No rate yet.</b> It is counted over kits shipped 30 days ago or earlier; there are none.
              </p>
            ) : (
              <>
                <p className={styles['big']}>
                  <b>{percent(study.rate)}</b> of kits are reported{' '}
                  <span className={ink['quiet']}>
                    between {percent(study.low)} and {percent(study.high)}
                  </span>
                </p>
                <Interval low={study.low} share={study.rate} high={study.high} />
                <p className={ink['quiet']}>
                  {study.reported} of {study.kits} kits. Apart: {study.young.kits} kits of the last 30 days with{' '}
                  {study.young.reports} {study.young.reports === 1 ? 'report' : 'reports'}, {study.withoutSerial}{' '}
                  {study.withoutSerial === 1 ? 'report' : 'reports'} without a known serial.
                </p>
                {kit.why && <WhyList reasons={[faults.data.reason]} />}
              </>
            )}
            {faults.data.open > 0 && (
              <p className={ink['ochre']}>
                ▲ {faults.data.open} {faults.data.open === 1 ? 'report' : 'reports'} nobody has looked at.{' '}
                {mayAnswer && <TextLink to="/reports">To Reports</TextLink>}
              </p>
            )}
          </section>
          <Fevers
            fever={faults.data.fever}
            chosen={place}
            onPick={(part) => {
              pick(part === place ? null : part);
            }}
          />
          <MendedList mended={faults.data.mended} />
          <Alarms study={study} lots={faults.data.lots} steps={faults.data.steps} />
          <section className={styles['shares']}>
            <Share title="Where it comes from" counts={faults.data.faultOrigins} />
            <Share title="What was wrong" counts={faults.data.causes} />
            <Share title="What customers notice" counts={faults.data.symptoms} />
          </section>
          <section aria-label="FAQ">
            <h2>What customers read</h2>
            {faults.data.faq.length === 0 && (
              <p className={ink['quiet']}>No question yet. Answer a report in Reports and put it into the FAQ there.</p>
            )}
            {faults.data.faq.map((entry) => (
              <FaqCard
                key={entry.id}
                entry={entry}
                current={entry.id === chosen?.id}
                mayEdit={mayAnswer}
                onPick={() => {
                  choose(entry);
                }}
              />
            ))}
          </section>
        </div>
      }
      pane={
        <>
          <BoardView
            lit={place !== null ? new Set([place]) : chosen ? new Set(chosen.anchor) : null}
            shade={place === null && !chosen ? heat(faults.data.fever) : null}
          />
          <div className={clsx(ui['caption'], ui['above'])}>
            {place !== null ? (
              <PlaceCauses faults={faults.data} place={place} />
            ) : chosen ? (
              <>
                <b>{chosen.anchor.join(', ')}</b>
                <span className={ink['quiet']}>
                  {chosen.step === null ? 'at no step of this revision' : `asked at step ${String(chosen.step)}`}
                </span>
              </>
            ) : (
              <span className={ink['quiet']}>Shaded by reports per hundred kits. Pick a place or a question.</span>
            )}
          </div>
        </>
      }
    />
  );
}

function Interval({ low, share, high }: { low: number; share: number; high: number }) {
  const top = Math.max(0.2, Math.ceil(high * 10) / 10);
  const x = (value: number) => (value / top) * 420;
  return (
    <svg
      className={styles['interval']}
      viewBox="0 0 440 34"
      width="440"
      height="34"
      role="img"
      aria-label={`${percent(share)}, between ${percent(low)} and ${percent(high)}`}
    >
      <path className={styles['axis']} d="M0 18H420" />
      <rect x={x(low)} y="12" width={Math.max(1, x(high) - x(low))} height="12" />
      <path className={styles['mark']} d={`M${String(x(share))} 8V28`} />
      <text x="0" y="33">
        0
      </text>
      <text x="420" y="33" textAnchor="end">
        {percent(top)}
      </text>
    </svg>
  );
}

function Share({ title, counts }: { title: string; counts: readonly Counted[] }) {
  const some = counts.filter((each) => each.count > 0);
  return (
    <div>
      <h2>{title}</h2>
      {some.length === 0 ? <p className={ink['quiet']}>Nothing judged yet.</p> : <BarList label={title} bars={some} />}
    </div>
  );
}
