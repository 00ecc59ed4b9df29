import type { BenchTest } from '@/shared/api';

type Props = { test: BenchTest; current: boolean; onPick: () => void };

/** A test in the list: when, what between which points, what the builder should read. */
export function TestRow({ test, current, onPick }: Props) {
  return (
    <li>
      <button type="button" className={current ? 'testrow current' : 'testrow'} aria-current={current} onClick={onPick}>
        <span className="number">{test.step ?? '–'}</span>
        <span>
          <b>{test.name}</b>
          <small>{[test.instrument, test.points.join(' to '), test.power === 'off' ? 'power off' : ''].filter((each) => each !== '').join(', ')}{test.adjusts ? `; turn ${test.adjusts}` : ''}</small>
        </span>
        <span className="expects">
          <b>{test.fault === '' ? test.printed : '▲ not worked out'}</b>
          {test.reading && <small className="m">{test.expect}</small>}
        </span>
      </button>
    </li>
  );
}
