import { useEffect, useState } from 'react';
import type { PartsDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';

const FIELDS = [
  'designator',
  'quantity',
  'value',
  'package',
  'description',
  'tolerance',
  'kind',
  'supply',
  'fitted',
  'height',
  'legend',
  'note',
] as const;

/** What became of the file: which column was taken for what, and each row that needs a look. */
export function FileReport({ parts }: { parts: PartsDocument }) {
  const kit = useKit();
  const [filter, setFilter] = useState('');
  const taken = Object.entries(parts.columns as Record<string, string>);
  const shown = parts.problems.filter((problem) =>
    `${problem.message} ${String(problem.row ?? '')}`.toLowerCase().includes(filter.toLowerCase()),
  );
  useEffect(() => {
    setFilter('');
  }, [parts.file]);
  return (
    <div className="scroll report" tabIndex={0} role="region" aria-label="What became of the file">
      <h2>Columns of {parts.file}</h2>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">column in the file</th>
            <th scope="col">taken for</th>
          </tr>
        </thead>
        <tbody>
          {parts.headers.map((header, index) => {
            const field = taken.find(([, name]) => name === header)?.[0] ?? '';
            return (
              <tr key={`${header} ${String(index)}`}>
                <td className="m">{header === '' ? `column ${String(index + 1)}` : header}</td>
                <td>
                  <select
                    className="filter wide"
                    aria-label={`${header} is taken for`}
                    value={field}
                    disabled={!kit.mayEdit || kit.saving}
                    onChange={(event) => {
                      void kit.save([
                        {
                          type: 'column',
                          target: String(index),
                          field: '',
                          value: event.target.value === '' ? `(${header})` : event.target.value,
                        },
                      ]);
                    }}
                  >
                    <option value="">not used</option>
                    {FIELDS.map((name) => (
                      <option key={name} value={name}>
                        {name}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <h2>
        Rows to look at
        <label className="sr" htmlFor="report-filter">
          Filter rows
        </label>
        <input
          id="report-filter"
          className="filter"
          placeholder="Filter"
          value={filter}
          onChange={(event) => {
            setFilter(event.target.value);
          }}
        />
      </h2>
      {shown.length === 0 ? (
        <p className="quiet">Every row became a line.</p>
      ) : (
        <table className="table wraps">
          <thead>
            <tr>
              <th scope="col">file</th>
              <th scope="col" className="num">
                row
              </th>
              <th scope="col">column</th>
              <th scope="col">what to do</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((problem) => (
              <tr key={`${String(problem.row)} ${problem.code} ${problem.message}`}>
                <td>{problem.file}</td>
                <td className="num">{problem.row}</td>
                <td>{problem.column}</td>
                <td className={problem.severity === 'note' ? 'quiet' : 'ochre'}>
                  {problem.severity === 'error' ? '■ ' : problem.severity === 'warning' ? '▲ ' : '· '}
                  {problem.message}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
