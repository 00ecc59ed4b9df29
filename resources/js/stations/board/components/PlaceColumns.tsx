import { useState } from 'react';
import type { BoardFiles } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Select, Table, TableBody, TableCell, TableHead, TableRow } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './board-files.module.css';

type Head = NonNullable<BoardFiles['files'][number]['table']>;

const FIELDS: readonly (readonly [string, string])[] = [
  ['designator', 'Ref'],
  ['x', 'x'],
  ['y', 'y'],
  ['rotation', 'turned'],
  ['side', 'side'],
  ['board', 'board'],
];

/** What the columns of a placement file hold, with its first rows; open at once where some of it is a guess. */
export function PlaceColumns({ file, table }: { file: string; table: Head }) {
  const kit = useKit();
  const [asked, ask] = useState(false);
  const open = asked || table.guessed.length > 0;
  if (!open) {
    return (
      <p className={styles['columns']}>
        <Button
          look="link"
          onClick={() => {
            ask(true);
          }}
        >
          Which column is what
        </Button>
      </p>
    );
  }
  return (
    <div className={styles['columns']} tabIndex={0} role="region" aria-label={`What the columns of ${file} hold`}>
      {table.guessed.length > 0 && (
        <p className={ink['ochre']}>
          ▲ Guessed from what stands in the columns; correct what is wrong, it is kept for the next file.
        </p>
      )}
      <Table className={ui['table']} aria-label={`Columns of ${file}`}>
        <TableHead>
          <TableRow>
            {table.headers.map((header, index) => (
              <TableCell component="th" key={index}>
                <Select
                  className={ui['filter']}
                  aria-label={`What column ${header === '' ? String(index + 1) : header} holds`}
                  value={table.fields[index] ?? ''}
                  disabled={!kit.mayEdit || kit.saving}
                  onChange={(event) => {
                    const field = event.target.value;
                    const before = table.fields.indexOf(field);
                    void kit.save([
                      ...(field !== '' && before >= 0
                        ? [{ type: 'column' as const, target: String(before), field: file, value: '(left)' }]
                        : []),
                      { type: 'column', target: String(index), field: file, value: field === '' ? '(left)' : field },
                    ]);
                  }}
                >
                  <option value="">left aside</option>
                  {FIELDS.map(([value, name]) => (
                    <option key={value} value={value}>
                      {name}
                    </option>
                  ))}
                </Select>
                <span className={ink['quiet']}> {header}</span>
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {table.rows.map((row) => (
            <TableRow key={row.join('|')}>
              {row.map((cell, index) => (
                <TableCell key={index} className={ink['m']}>
                  {cell}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}
