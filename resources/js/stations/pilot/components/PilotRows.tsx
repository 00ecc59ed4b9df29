import type { ManualStep, PilotLog } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { TableActions } from '@/shared/ui';
import { builds } from '../model';

type Row = PilotLog['rows'][number];

/** What was logged so far: builds, snags to settle, and each row with a way to take it out. */
export function PilotRows({ rows, steps }: { rows: readonly Row[]; steps: readonly ManualStep[] }) {
  const kit = useKit();
  const snags = rows.map((row, index) => ({ row, number: index + 1 })).filter(({ row }) => row.snag !== '');
  const write = (number: number, value: Row | null) =>
    void kit.save([{ type: 'pilot', target: String(number), field: '', value }]);
  const title = (row: Row) => {
    const step = steps.find((each) => row.step.endsWith(each.key));
    return step ? `${String(step.number)}. ${step.title}` : row.step;
  };
  return (
    <div className="scroll pilotlog" tabIndex={0} role="region" aria-label="Log of the pilot builds">
      {rows.length === 0 && (
        <p className="quiet">
          Nothing logged yet. Start the watch, build the step, and press space when it is done: the times of this order,
          and of every kind of part in it, are then yours.
        </p>
      )}
      {builds(rows).map((build) => (
        <p key={build.build}>
          <b>Build {build.build}</b>: {build.minutes.toFixed(1)} min
          {build.snags > 0 ? `, ${String(build.snags)} ${build.snags === 1 ? 'snag' : 'snags'}` : ''}
        </p>
      ))}
      {snags.length > 0 && <h2>Snags</h2>}
      {snags.map(({ row, number }) => (
        <p key={number} className={row.settled === 'yes' ? 'quiet' : 'ochre'}>
          {row.settled === 'yes' ? '■ ' : '▲ '}
          <b>{title(row)}</b> {row.snag}
          {row.photo !== '' && (
            <>
              {' '}
              <a href={`/api/revisions/${String(kit.id)}/pilot/photos/${row.photo}`} target="_blank" rel="noreferrer">
                photograph
              </a>
            </>
          )}
          {kit.mayEdit && (
            <button
              type="button"
              className="btn link"
              disabled={kit.saving}
              onClick={() => {
                write(number, { ...row, settled: row.settled === 'yes' ? '' : 'yes' });
              }}
            >
              {row.settled === 'yes' ? 'open again' : 'settled'}
            </button>
          )}
        </p>
      ))}
      {rows.length > 0 && (
        <>
          <h2>
            Log{' '}
            <TableActions
              name={`${kit.header.kit} ${kit.header.revision} pilot`}
              rows={() => [
                ['build', 'step', 'minutes', 'snag', 'settled'],
                ...rows.map((row) => [row.build, title(row), row.minutes, row.snag, row.settled]),
              ]}
            />
          </h2>
          <table className="table">
            <thead>
              <tr>
                <th className="num">build</th>
                <th>step</th>
                <th className="num">min</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {rows.map(
                (row, index) =>
                  row.minutes !== '' && (
                    <tr key={`${row.build} ${row.step}`}>
                      <td className="num">{row.build}</td>
                      <td>{title(row)}</td>
                      <td className="num">{Number(row.minutes).toFixed(1)}</td>
                      <td>
                        {kit.mayEdit && (
                          <button
                            type="button"
                            className="btn link"
                            disabled={kit.saving}
                            onClick={() => {
                              write(index + 1, null);
                            }}
                          >
                            take out
                          </button>
                        )}
                      </td>
                    </tr>
                  ),
              )}
            </tbody>
          </table>
        </>
      )}
    </div>
  );
}
