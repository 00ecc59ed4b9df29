import { useEffect, useState } from 'react';
import type { PartsDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { TableCell, Input, Select, Table, TableBody, TableHead, TableRow } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

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
    <div
      className={clsx(ui['scroll'], styles['report'])}
      tabIndex={0}
      role="region"
      aria-label="What became of the file"
    >
      <h2>Columns of {parts.file}</h2>
      <Table className={clsx(ui['table'], styles['table'])}>
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
                <TableCell className={clsx(ink['m'], styles['m'])}>
                  {header === '' ? `column ${String(index + 1)}` : header}
                </TableCell>
                <TableCell>
                  <Select
                    className={clsx(ui['filter'], styles['filter'], ui['wide'])}
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
        <label className={ink['sr']} htmlFor="report-filter">
          Filter rows
        </label>
        <Input
          id="report-filter"
          className={clsx(ui['filter'], styles['filter'])}
          placeholder="Filter"
          value={filter}
          onChange={(event) => {
            setFilter(event.target.value);
          }}
        />
      </h2>
      {shown.length === 0 ? (
        <p className={ink['quiet']}>Every row became a line.</p>
      ) : (
        <Table className={clsx(ui['table'], styles['table'], styles['wraps'])}>
          <TableHead>
            <TableRow>
              <TableCell component="th" scope="col">
                file
              </TableCell>
              <TableCell component="th" scope="col" className={clsx(ui['num'], styles['num'])}>
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
                <TableCell className={clsx(ui['num'], styles['num'])}>{problem.row}</TableCell>
                <TableCell>{problem.column}</TableCell>
                <TableCell className={problem.severity === 'note' ? ink['quiet'] : ink['ochre']}>
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
