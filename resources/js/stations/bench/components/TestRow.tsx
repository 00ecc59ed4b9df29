import type { BenchTest } from '@/shared/api';
import { howTested } from '@/shared/format/howTested';
import { Press } from '@/shared/ui';

type Props = {
  test: BenchTest;
  before: { revision: string; printed: string } | null;
  current: boolean;
  onPick: () => void;
};

/** A test in the list: when, what between which points, what the builder should read. */
export function TestRow({ test, before, current, onPick }: Props) {
  return (
    <li>
      <Press className={current ? 'testrow current' : 'testrow'} aria-current={current} onClick={onPick}>
        <span className="number">{test.step ?? '–'}</span>
        <span>
          <b>{test.name}</b>
          <small>
            {howTested(test)}
            {test.adjusts ? `; turn ${test.adjusts}` : ''}
          </small>
        </span>
        <span className="expects">
          <b>{test.fault === '' ? test.printed : '▲ not worked out'}</b>
          {test.reading && <small className="m">{test.expect}</small>}
          {before && (
            <small className="ochre">
              ▲ {before.printed} in revision {before.revision}: look whether it still fits
            </small>
          )}
        </span>
      </Press>
    </li>
  );
}
