import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useEffect, useState } from 'react';
import {
  FIRST,
  useArticles,
  useBookTable,
  useOrderTable,
  type OrdersBooked,
  type OrderTable,
  type TableReading,
} from '@/shared/api';
import { articleWords } from '@/shared/format';
import { Button, Dialog, Loading, Refusal, Select } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { bookWords, FIELD_WORDS, mapped, STATE_WORDS } from '../table';
import styles from './table.module.css';

type Props = { file: File; onLeave: () => void; onBooked: (booked: OrdersBooked) => void };

/** A table of orders before it is booked: which column holds what, what its names mean, and what each row would do. */
export function TablePreview({ file, onLeave, onBooked }: Props) {
  const read = useOrderTable();
  const book = useBookTable();
  const [reading, setReading] = useState<TableReading>({});
  const look = read.mutate;
  useEffect(() => {
    look({ file, reading });
  }, [look, file, reading]);
  const table = read.data;
  const good = (table?.new ?? 0) + (reading.changes === true ? (table?.differ ?? 0) : 0);
  return (
    <Dialog
      open
      wide
      title={`Orders from ${file.name}`}
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Book nothing</Button>
          <Button
            look="primary"
            disabled={good === 0 || book.isPending || read.isPending}
            onClick={() => {
              book.mutate({ file, reading }, { onSuccess: onBooked });
            }}
          >
            {book.isPending ? 'Booking the orders …' : table ? bookWords(table, reading.changes === true) : 'Book'}
          </Button>
        </>
      }
    >
      {book.error && <Refusal>{book.error.message}</Refusal>}
      {read.error && <Refusal>{read.error.message}</Refusal>}
      {!table && !read.error && <Loading what="Reading the table" />}
      {table && (
        <div className={styles['preview']}>
          <Columns table={table} onReading={setReading} reading={reading} />
          {table.daysOpen && (
            <p>
              <label htmlFor="table-dates">Some days can be read in two ways: </label>
              <Select
                id="table-dates"
                value={reading.dates ?? ''}
                onChange={(event) => {
                  setReading({ ...reading, dates: event.target.value === 'month' ? 'month' : 'day' });
                }}
              >
                <option value="" disabled>
                  say which
                </option>
                <option value="day">the day stands first</option>
                <option value="month">the month stands first</option>
              </Select>
            </p>
          )}
          {table.unknown.slice(0, 20).map((name) => (
            <Unknown
              key={name}
              name={name}
              onSay={(article) => {
                setReading({ ...reading, names: { ...reading.names, [name]: article } });
              }}
            />
          ))}
          {table.differ > 0 && (
            <FormControlLabel
              control={
                <Checkbox
                  size="small"
                  checked={reading.changes === true}
                  onChange={(_, on) => {
                    setReading({ ...reading, changes: on });
                  }}
                />
              }
              label={`${String(table.differ)} known ${table.differ === 1 ? 'order is' : 'orders are'} told otherwise: change them to what the table says`}
            />
          )}
          <ol className={styles['rows']} aria-label="What each row does">
            {table.rows.map((row) => (
              <li key={`${String(row.row)} ${row.state}`} data-state={row.state}>
                <span className={ink['quiet']}>row {row.row}</span>
                <b>{STATE_WORDS[row.state]}</b>
                <span className={ink['m']}>{row.number}</span>
                <span>
                  {row.customer}
                  {row.customer !== '' && row.says.length > 0 ? ', ' : ''}
                  {row.says.join('; ')}
                </span>
              </li>
            ))}
          </ol>
          {table.more > 0 && <p className={ink['quiet']}>And {table.more} more rows.</p>}
        </div>
      )}
    </Dialog>
  );
}

function Columns({
  table,
  reading,
  onReading,
}: {
  table: OrderTable;
  reading: TableReading;
  onReading: (reading: TableReading) => void;
}) {
  return (
    <div className={styles['columns']}>
      {table.columns.map(({ field, column, needed }) => (
        <div key={field} data-missing={needed && column === null ? '' : undefined}>
          <label htmlFor={`table-${field}`}>
            {FIELD_WORDS[field] ?? field}
            {needed && column === null && <span className={ink['ochre']}> ▲ needed</span>}
          </label>
          <Select
            id={`table-${field}`}
            value={column === null ? '' : String(column)}
            onChange={(event) => {
              onReading({ ...reading, columns: mapped(table, field, event.target.value) });
            }}
          >
            <option value="">in no column</option>
            {table.headers.map(({ header, samples }, at) => (
              <option key={`${String(at)} ${header}`} value={String(at)}>
                {header}
                {samples[0] === undefined ? '' : `: ${samples[0]}`}
              </option>
            ))}
          </Select>
        </div>
      ))}
    </div>
  );
}

function Unknown({ name, onSay }: { name: string; onSay: (article: number) => void }) {
  const articles = useArticles({ ...FIRST, rows: 100 });
  return (
    <p>
      <label>
        Nobody sells <b>{name}</b> here; it means{' '}
        <Select
          aria-label={`what ${name} means`}
          value=""
          onChange={(event) => {
            if (event.target.value !== '') onSay(Number(event.target.value));
          }}
        >
          <option value="">say which article</option>
          {(articles.data?.articles ?? []).map((each) => (
            <option key={each.id} value={each.id}>
              {articleWords(each)}
            </option>
          ))}
        </Select>
      </label>{' '}
      <span className={ink['quiet']}>It is remembered when the orders are booked.</span>
    </p>
  );
}
