import { useState } from 'react';
import { isObject, keep, recall, WORDS } from '@/shared/keep';
import { Button, Dialog, Input } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';
import { asList, COLUMNS, pasted, type TypedRow } from '../byHand';
import styles from './shelf.module.css';

type Typed = { name: string; rows: TypedRow[] };
type Props = { disabled: boolean; onList: (file: File) => void };

const KEY = `${WORDS}new kit`;

/** Once the kit is made of them. */
export const forgetTyped = () => {
  keep(KEY, null);
};

const NEW: Typed = { name: '', rows: [] };
const isTyped = (value: unknown): value is Typed =>
  isObject(value) && typeof value['name'] === 'string' && Array.isArray(value['rows']);

/** A kit without a file: its name and its parts, row by row, or pasted from a spreadsheet. Kept while it is typed. */
export function ByHand({ disabled, onList }: Props) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState<Typed>(() => recall(KEY, isTyped, NEW));
  const write = (next: Typed | null) => {
    setTyped(next ?? NEW);
    keep(KEY, next);
  };
  const shown = [...typed.rows, COLUMNS.map(() => '')];
  const some = typed.rows.some((row) => row.some((cell) => cell.trim() !== ''));
  const put = (row: number, column: number, text: string) => {
    const rows = shown.map((each, y) => (y === row ? each.map((cell, x) => (x === column ? text : cell)) : each));
    write({ ...typed, rows: rows.filter((each, y) => y < typed.rows.length || each.some((cell) => cell !== '')) });
  };
  return (
    <>
      <Button
        disabled={disabled}
        onClick={() => {
          setOpen(true);
        }}
      >
        New kit by hand
      </Button>
      <Dialog
        open={open}
        title="New kit by hand"
        wide
        onLeave={() => {
          setOpen(false);
        }}
        actions={
          <>
            <Button
              onClick={() => {
                setOpen(false);
              }}
            >
              Later
            </Button>
            <Button
              look="primary"
              disabled={typed.name.trim() === '' || !some}
              onClick={() => {
                // The rows stay until the kit is there: what the import refuses is mended here.
                onList(asList(typed.name, typed.rows));
                setOpen(false);
              }}
            >
              Make the kit
            </Button>
          </>
        }
      >
        <div className={styles['byhand']}>
          <label>
            <span>name of the kit</span>
            <Input
              className={ui['filter']}
              maxLength={100}
              autoComplete="off"
              value={typed.name}
              onChange={(event) => {
                write({ ...typed, name: event.target.value });
              }}
            />
          </label>
          <div className={styles['typed']}>
            {COLUMNS.map((column) => (
              <b key={column.id}>{column.name}</b>
            ))}
            {shown.map((row, y) =>
              COLUMNS.map((column, x) => (
                <Input
                  key={`${String(y)} ${column.id}`}
                  className={ui['filter']}
                  aria-label={`${column.name}, row ${String(y + 1)}`}
                  maxLength={300}
                  autoComplete="off"
                  placeholder={y === 0 ? column.hint : ''}
                  value={row[x] ?? ''}
                  onPaste={(event) => {
                    const rows = pasted(typed.rows, y, x, event.clipboardData.getData('text/plain'));
                    if (rows === null) return;
                    event.preventDefault();
                    write({ ...typed, rows });
                  }}
                  onChange={(event) => {
                    put(y, x, event.target.value);
                  }}
                />
              )),
            )}
          </div>
          <p>
            Screws, wire and feet have no designator: give them a quantity. Cells copied from a spreadsheet can be
            pasted.
          </p>
        </div>
      </Dialog>
    </>
  );
}
