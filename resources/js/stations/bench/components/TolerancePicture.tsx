import type { BenchTest, Ends } from '@/shared/api';
import { axis, shown } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './bench.module.css';

const WIDTH = 460;

/** What a good kit reads against what the test passes, on one axis. */
export function TolerancePicture({ test }: { test: BenchTest }) {
  const reading = test.reading;
  const scale = axis([test.range, reading?.reach ?? reading?.worst ?? null]);
  if (scale === null) return null;
  const x = (value: number | null, open: number) =>
    value === null ? open : ((value - scale.from) / (scale.to - scale.from)) * WIDTH;
  const height = reading ? (reading.reach ? '84' : '110') : '40';
  const span = Math.max(Math.abs(scale.from), Math.abs(scale.to)) / 1.15;
  const bar = (ends: Ends, y: number, height: number, of: string) => (
    <rect
      className={styles[of]}
      x={x(ends.low, 0)}
      width={Math.max(2, x(ends.high, WIDTH) - x(ends.low, 0))}
      y={y}
      height={height}
    />
  );
  const row = (y: number, label: string, ends: Ends) => (
    <>
      <text className={styles['axislabel']} x={0} y={y}>
        {label}
      </text>
      <text className={clsx(styles['axislabel'], ink['m'])} x={WIDTH} y={y} textAnchor="end">
        {ends.low === null ? 'up' : shown(ends.low, test.unit, span)} to{' '}
        {ends.high === null ? 'more' : shown(ends.high, test.unit, span)}
      </text>
    </>
  );
  return (
    <svg
      className={styles['tolerance']}
      viewBox={`-4 0 ${String(WIDTH + 8)} ${height}`}
      role="img"
      aria-label={`The test passes ${test.printed}${reading ? `; nominal ${reading.text}` : ''}`}
    >
      {test.range && (
        <>
          {row(14, 'passes', test.range)}
          {bar(test.range, 22, 12, 'passes')}
        </>
      )}
      {(test.pilot ?? []).map(
        (each) =>
          each.value !== null && (
            <circle
              key={each.row}
              className={each.passes === false ? clsx(styles['pilotdot'], styles['out']) : styles['pilotdot']}
              cx={Math.max(0, Math.min(WIDTH, x(each.value, 0)))}
              cy={28}
              r={4}
            >
              <title>{`build ${String(each.build)}: ${each.text}`}</title>
            </circle>
          ),
      )}
      {reading && (
        <>
          {reading.reach ? (
            <>
              {row(58, `${test.adjusts ?? 'the adjuster'} reaches`, reading.reach)}
              {bar(reading.reach, 66, 12, 'reach')}
            </>
          ) : (
            <>
              {row(58, 'every good kit; dark, 95 of 100', reading.worst)}
              {bar(reading.worst, 66, 12, 'worst')}
              {bar(reading.usual, 66, 12, 'usual')}
            </>
          )}
          {!reading.reach && (
            <>
              <line
                className={styles['nominal']}
                x1={x(reading.nominal, 0)}
                x2={x(reading.nominal, 0)}
                y1={18}
                y2={88}
              />
              <text
                className={clsx(styles['axislabel'], ink['m'])}
                x={x(reading.nominal, 0)}
                y={104}
                textAnchor="middle"
              >
                {reading.text}
              </text>
            </>
          )}
        </>
      )}
    </svg>
  );
}
