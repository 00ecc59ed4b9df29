import { useEffect, useState } from 'react';
import type { PartsDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { TableCell, Input, Select, Table, TableBody, TableHead, TableRow } from '@/shared/ui';

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
      <Table className="table">
        <TableHead>
          <TableRow>
            <TableCell component="th" scope="col">
              column in the file
            </TableCell>
            <TableCell component="th" scope="col">
              taken for
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {parts.headers.map((header, index) => {
            const field = taken.find(([, name]) => name === header)?.[0] ?? '';
            return (
              <TableRow key={`${header} ${String(index)}`}>
                <TableCell className="m">{header === '' ? `column ${String(index + 1)}` : header}</TableCell>
                <TableCell>
                  <Select
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
                  </Select>
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
      <h2>
        Rows to look at
        <label className="sr" htmlFor="report-filter">
          Filter rows
        </label>
        <Input
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
        <Table className="table wraps">
          <TableHead>
            <TableRow>
              <TableCell component="th" scope="col">
                file
              </TableCell>
              <TableCell component="th" scope="col" className="num">
                row
              </TableCell>
              <TableCell component="th" scope="col">
                column
              </TableCell>
              <TableCell component="th" scope="col">
                what to do
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {shown.map((problem) => (
              <TableRow key={`${String(problem.row)} ${problem.code} ${problem.message}`}>
                <TableCell>{problem.file}</TableCell>
                <TableCell className="num">{problem.row}</TableCell>
                <TableCell>{problem.column}</TableCell>
                <TableCell className={problem.severity === 'note' ? 'quiet' : 'ochre'}>
                  {problem.severity === 'error' ? '■ ' : problem.severity === 'warning' ? '▲ ' : '· '}
                  {problem.message}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </div>
  );
}
