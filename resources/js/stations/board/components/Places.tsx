import { useState } from 'react';
import { useKeys } from '@/shared/keys';
import { useKit } from '@/shared/kit';
import { Input, SortHead, Table, TableActions, TableCell, TableHead, TableRow, WindowedBody } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './board-station.module.css';

type Part = { side: string; x: number; y: number; rotation: number; height: number; outline: string };
type Sort = 'name' | 'x' | 'y' | 'height';

const compare: Readonly<Record<Sort, (a: [string, Part], b: [string, Part]) => number>> = {
  name: (a, b) => a[0].localeCompare(b[0], 'en', { numeric: true }),
  x: (a, b) => a[1].x - b[1].x,
  y: (a, b) => a[1].y - b[1].y,
  height: (a, b) => a[1].height - b[1].height,
};

/** Every place on the board as a table. */
export function Places({ parts }: { parts: readonly [string, Part][] }) {
  const kit = useKit();
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const [filter, setFilter] = useState('');
  const [sort, setSort] = useState<Sort>('name');
  const rows = parts.filter(([name]) => name.toLowerCase().includes(filter.trim().toLowerCase())).sort(compare[sort]);
  const at = rows.findIndex(([name]) => name === kit.selected);
  const go = (index: number) => {
    const row = rows[Math.max(0, Math.min(rows.length - 1, index))];
    if (row) kit.select(row[0]);
  };
  useKeys({
    ArrowDown: () => {
      go(at + 1);
    },
    ArrowUp: () => {
      go(at - 1);
    },
    Escape: () => {
      kit.select(null);
    },
  });
  const head = (id: Sort, title: string, numeric = true) => (
    <SortHead
      label={title}
      numeric={numeric}
      way={sort === id ? 'ascending' : 'none'}
      onSort={() => {
        setSort(id);
      }}
    />
  );
  return (
    <>
      <div className={ui['caption']}>
        <b>Places</b>
        <span className={ink['quiet']}>mm, seen from the top</span>
        <span className={clsx(ui['end'], styles['acts'])}>
          <label className={ink['sr']} htmlFor="place-filter">
            Filter places
          </label>
          <Input
            id="place-filter"
            className={clsx(ui['filter'], styles['filter'])}
            placeholder="Filter"
            value={filter}
            onChange={(event) => {
              setFilter(event.target.value);
            }}
          />
          <TableActions
            name={`${kit.header.kit} places`}
            rows={() => [
              ['Ref', 'x', 'y', 'turned', 'side', 'height', 'body'],
              ...rows.map(([name, part]) => [
                name,
                part.x.toFixed(3),
                part.y.toFixed(3),
                String(part.rotation),
                part.side,
                part.height.toFixed(2),
                part.outline,
              ]),
            ]}
          />
        </span>
      </div>
      {parts.length === 0 ? (
        <p className={ui['loading']}>
          No part has a place yet. Drop a placement file here: designator, x, y, rotation, side.
        </p>
      ) : (
        <div ref={setBox} className={ui['scroll']} tabIndex={0} role="region" aria-label="Places on the board">
          <Table className={ui['table']} aria-rowcount={rows.length + 1}>
            <TableHead>
              <TableRow>
                {head('name', 'Ref', false)}
                {head('x', 'x')}
                {head('y', 'y')}
                <TableCell component="th" scope="col" className={ui['num']}>
                  turned
                </TableCell>
                <TableCell component="th" scope="col">
                  side
                </TableCell>
                {head('height', 'height')}
                <TableCell component="th" scope="col">
                  body
                </TableCell>
              </TableRow>
            </TableHead>
            <WindowedBody
              count={rows.length}
              at={at}
              box={box}
              columns={7}
              row={(index) => {
                const row = rows[index];
                return row && <PlaceRow key={row[0]} row={row} index={index} />;
              }}
            />
          </Table>
        </div>
      )}
    </>
  );
}

function PlaceRow({ row: [name, part], index }: { row: [string, Part]; index: number }) {
  const kit = useKit();
  return (
    <TableRow
      data-index={index}
      aria-rowindex={index + 2}
      aria-selected={name === kit.selected}
      onClick={() => {
        kit.select(name);
      }}
    >
      <TableCell className={clsx(ui['refs'], ink['m'])}>{name}</TableCell>
      <TableCell className={ui['num']}>{part.x.toFixed(2)}</TableCell>
      <TableCell className={ui['num']}>{part.y.toFixed(2)}</TableCell>
      <TableCell className={ui['num']}>{part.rotation.toFixed(0)}°</TableCell>
      <TableCell>{part.side}</TableCell>
      <TableCell className={ui['num']}>{part.height.toFixed(1)}</TableCell>
      <TableCell>{part.outline}</TableCell>
    </TableRow>
  );
}
