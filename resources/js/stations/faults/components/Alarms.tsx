import { useState } from 'react';
import type { Faults } from '@/shared/api';
import { percent } from '@/shared/format';
import { StopLot } from '@/shared/lots';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { lotOf, whyStopped } from '../model';
import styles from './faults.module.css';

const NAMES: Readonly<Record<string, string>> = {
  revision: 'Revision',
  lot: 'Lot',
  run: 'Run',
  option: 'Option',
  cause: 'Cause in a lot',
};

/** What has more reports than the rest, and the weeks of shipping with what of their reports can have come. */
export function Alarms({ study, lots, steps }: Pick<Faults, 'study' | 'lots' | 'steps'>) {
  const [stopping, setStopping] = useState<{ lot: number; why: string } | null>(null);
  const alarms = study.families.flatMap((family) =>
    family.rows.filter((row) => row.alarm).map((row) => ({ ...row, family: NAMES[family.name] ?? family.name })),
  );
  const most = Math.max(1, ...study.weeks.map((week) => week.kits));
  if (study.kits === 0) return null;
  return (
    <section aria-label="Alarms">
      <h2>Does one stand out?</h2>
      {alarms.length === 0 ? (
        <p className={ink['quiet']}>
          No: no revision, lot, run or option has more reports than the rest, beyond what chance does once in ten.
        </p>
      ) : (
        <ul className={styles['alarms']}>
          {alarms.map((alarm) => (
            <li key={`${alarm.family} ${alarm.value}`}>
              <span className={ink['crimson']}>▲</span> {alarm.family} <b>{alarm.value}</b>: {alarm.reported} of{' '}
              {alarm.kits} kits
              <span className={ink['quiet']}>
                {' '}
                by chance {alarm.p === null ? '' : percent(alarm.p)}, over all tests{' '}
                {alarm.q === null ? '' : percent(alarm.q)}
              </span>{' '}
              {lotOf(lots, alarm.value) !== null && (
                <Button
                  onClick={() => {
                    setStopping({ lot: lotOf(lots, alarm.value) ?? 0, why: whyStopped(alarm) });
                  }}
                >
                  Stop this lot
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {steps.length > 0 && (
        <ul className={styles['alarms']} aria-label="Steps in common">
          {steps.map((each) => (
            <li key={each.step}>
              <span className={ink['ochre']}>▲</span> Step{' '}
              <b>
                {each.step}, {each.title}
              </b>
              : {each.kits} kits in {each.matters} different matters{' '}
              <span className={ink['quiet']}>
                {percent(each.share)} of the reports, {percent(each.work)} of the work
              </span>
            </li>
          ))}
        </ul>
      )}
      {stopping && (
        <StopLot
          lot={stopping.lot}
          why={stopping.why}
          onLeave={() => {
            setStopping(null);
          }}
        />
      )}
      {study.weeks.length > 1 && (
        <>
          <h2>By week of shipping</h2>
          <ol className={styles['weeks']} aria-label="Weeks of shipping">
            {study.weeks.slice(-26).map((week) => (
              <li
                key={week.week}
                title={`${week.week}: ${String(week.reported)} of ${String(week.kits)} kits reported${
                  week.exposure === null ? '' : `, ${percent(week.exposure)} of its reports can have come`
                }`}
              >
                <span style={{ height: `${String((52 * week.kits) / most)}px` }}>
                  <i style={{ height: `${String(week.kits === 0 ? 0 : (100 * week.reported) / week.kits)}%` }} />
                </span>
              </li>
            ))}
          </ol>
          <p className={ink['quiet']}>
            A column a week, its kits; filled, those reported. A young week is not a good one: most of its reports have
            not come.
          </p>
        </>
      )}
    </section>
  );
}
