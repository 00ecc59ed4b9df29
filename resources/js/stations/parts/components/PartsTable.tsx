import { useState } from 'react';
import type { PartLine } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { useKit } from '@/shared/kit';
import {
  Marking,
  SortHead,
  Table,
  TableCell,
  TableHead,
  TableRow,
  WindowedBody,
  pastedColumn,
  usePaste,
} from '@/shared/ui';
import { Cell } from './Cell';
import { cellText, COLUMNS, lineKey, type Column } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

type Props = {
  lines: readonly PartLine[];
  current: string | null;
  sort: { column: Column | null; down: boolean };
  onSort: (column: Column) => void;
};

const EDITABLE: ReadonlySet<Column> = new Set(['value', 'height']);

/** The lines as a dense table; arrows move, Enter edits the value, double click edits a cell. */
export function PartsTable({ lines, current, sort, onSort }: Props) {
  const kit = useKit();
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const [editing, setEditing] = useState<string | null>(null);
  const at = lines.findIndex((line) => lineKey(line) === current);
  const go = (index: number) => {
    const line = lines[Math.max(0, Math.min(lines.length - 1, index))];
    if (!line) return;
    kit.select(line.designators[0] ?? null);
  };
  useKeys({
    ArrowDown: () => {
      go(at + 1);
    },
    ArrowUp: () => {
      go(at < 0 ? lines.length - 1 : at - 1);
    },
    Enter: () => {
      if (current && kit.mayEdit) setEditing(`${current} value`);
    },
    Escape: () => {
      kit.select(null);
    },
  });
  // A column copied in a spreadsheet fills the values from the line looked at downwards.
  usePaste((text) => {
    const cells = pastedColumn(text);
    const filled = cells === null || at < 0 || !kit.mayEdit ? [] : lines.slice(at, at + cells.length);
    if (cells === null || filled.length === 0) return false;
    void kit.save(
      filled.map((line, index) => ({
        type: 'cell',
        target: String(line.row),
        field: 'value',
        value: cells[index] ?? '',
      })),
    );
    return true;
  });
  return (
    <div ref={setBox} className={ui['scroll']} tabIndex={0} role="region" aria-label="Parts list">
      <Table className={clsx(ui['table'], styles['table'], styles['parts-table'])} aria-rowcount={lines.length + 1}>
        <colgroup>
          {COLUMNS.map((column) => (
            <col key={column.id} style={{ width: `${String(column.width)}px` }} />
          ))}
        </colgroup>
        <TableHead>
          <TableRow>
            {COLUMNS.map((column) => (
              <SortHead
                key={column.id}
                label={column.title}
                numeric={column.numeric}
                className={column.numeric ? styles['num'] : undefined}
                way={sort.column === column.id ? (sort.down ? 'descending' : 'ascending') : 'none'}
                onSort={() => {
                  onSort(column.id);
                }}
              />
            ))}
          </TableRow>
        </TableHead>
        <WindowedBody
          count={lines.length}
          at={at}
          box={box}
          columns={COLUMNS.length}
          row={(index) => {
            const line = lines[index];
            if (!line) return null;
            const key = lineKey(line);
            return (
              <TableRow
                key={key}
                id={`line ${key}`}
                data-index={index}
                aria-rowindex={index + 2}
                aria-selected={key === current}
                className={line.question ? ui['asks'] : ''}
                onClick={() => {
                  kit.select(line.designators[0] ?? null);
                }}
              >
                {COLUMNS.map((column) => (
                  <TableCell
                    key={column.id}
                    className={clsx(
                      column.numeric && clsx(ui['num'], styles['num']),
                      column.id === 'refs' && clsx(ui['refs'], ink['m'], styles['m']),
                      column.id === 'alike' && clsx(ink['m'], styles['m'], ink['ochre']),
                    )}
                    title={cellText(line, column.id)}
                    onDoubleClick={() => {
                      if (kit.mayEdit && EDITABLE.has(column.id)) setEditing(`${key} ${column.id}`);
                    }}
                  >
                    {editing === `${key} ${column.id}` ? (
                      <Cell
                        line={line}
                        column={column.id}
                        onDone={() => {
                          setEditing(null);
                        }}
                      />
                    ) : column.id === 'marking' ? (
                      line.marking ? (
                        <Marking marking={line.marking} />
                      ) : (
                        <span className={ink['quiet']}>{line.supply === 'builder' ? 'the builder brings it' : ''}</span>
                      )
                    ) : (
                      cellText(line, column.id)
                    )}
                  </TableCell>
                ))}
              </TableRow>
            );
          }}
        />
      </Table>
    </div>
  );
}
