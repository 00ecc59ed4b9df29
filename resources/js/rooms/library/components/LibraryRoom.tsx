import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import {
  allRows,
  api,
  useGiveToDrafts,
  useLibrary,
  useLibraryPart,
  useMe,
  type LibraryPart,
  type Wanted,
} from '@/shared/api';
import { useKeys } from '@/shared/keys';
import {
  Button,
  TableCell,
  Input,
  Marking,
  Notice,
  Pager,
  Table,
  TableActions,
  TableBody,
  TableHead,
  TableRow,
  useWanted,
} from '@/shared/ui';
import { originText, usedText } from '../model';
import { PartForm } from './PartForm';
import './library.css';

const NONE: readonly LibraryPart[] = [];

async function table(wanted: Wanted): Promise<string[][]> {
  const parts = await allRows<LibraryPart>(wanted, async (query) => {
    const { data: page } = await api.get('/library', { params: { query } });
    return { rows: page?.parts ?? [], total: page?.total ?? 0 };
  });
  return [
    ['part', 'kind', 'number', 'height mm', 'origin', 'note', 'used in'],
    ...parts.map((row) => [
      row.title,
      row.kindName,
      row.number ?? '',
      row.height === null ? '' : String(row.height),
      row.heightSource,
      row.note,
      usedText(row),
    ]),
  ];
}

/** Every part of every kit once: own number, height and mass with their origin, direction, look-alikes, a photo. */
export function LibraryRoom() {
  const { wanted, text, setText, head, turn } = useWanted();
  const library = useLibrary(wanted);
  const me = useMe();
  const give = useGiveToDrafts();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('part');
  const rows = library.data?.parts ?? NONE;
  const at = rows.findIndex((part) => part.fingerprint === chosen);
  // A part opened from a kit may stand on another page.
  const part = useLibraryPart(chosen).data ?? null;
  const go = (row: LibraryPart | undefined) => {
    if (row) setSearch({ part: row.fingerprint }, { replace: true });
  };
  useKeys({
    ArrowDown: () => {
      go(rows[Math.min(rows.length - 1, at + 1)]);
    },
    ArrowUp: () => {
      go(rows[at < 0 ? rows.length - 1 : Math.max(0, at - 1)]);
    },
    Escape: () => {
      setSearch({}, { replace: true });
    },
  });
  useEffect(() => {
    if (chosen) document.getElementById(`part ${chosen}`)?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  if (library.error) return <Notice title="The library cannot be shown" text={library.error.message} />;
  if (!library.data)
    return (
      <p className="loading" role="status">
        Reading the parts of all kits
      </p>
    );
  const mayEdit = me.data?.abilities.includes('edit-kits') ?? false;
  const shown = library.data;
  return (
    <main className="room libraryroom">
      <div className="roomhead">
        <h1>Library</h1>
        <span className="quiet">
          {shown.inAll} parts of all kits, {shown.own} with words of yours
        </span>
        <label className="sr" htmlFor="library-filter">
          Filter parts
        </label>
        <Input
          id="library-filter"
          className="filter wide"
          placeholder="Filter"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
        <span className="end">
          <TableActions name="parts library" rows={() => table(wanted)} />
          {mayEdit && (
            <Button
              look="primary"
              disabled={give.isPending}
              title="Drafts take what they do not say themselves; Undo takes it back"
              onClick={() => {
                give.mutate();
              }}
            >
              Give to the drafts
            </Button>
          )}
        </span>
      </div>
      {give.error && (
        <p className="refusal said" role="alert">
          {give.error.message}
        </p>
      )}
      {give.data && (
        <p className="said" role="status">
          {give.data.taken.length === 0
            ? 'The drafts say all of it themselves already.'
            : `Taken by ${give.data.taken.join(', ')}.`}
        </p>
      )}
      <div className={part ? 'two' : 'two one'}>
        <div className="scroll" tabIndex={0} role="region" aria-label="Parts of all kits">
          <Table className="table">
            <TableHead>
              <TableRow>
                {head('title', 'part')}
                {head('kind', 'kind')}
                <TableCell component="th">marking</TableCell>
                {head('number', 'number')}
                {head('height', 'mm', true)}
                {head('used', 'used in')}
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map((row) => (
                <TableRow
                  key={row.fingerprint}
                  id={`part ${row.fingerprint}`}
                  aria-selected={row.fingerprint === chosen}
                  onClick={() => {
                    go(row);
                  }}
                >
                  <TableCell title={row.title}>
                    {row.id === null ? '' : '■ '}
                    {row.title}
                  </TableCell>
                  <TableCell>{row.kindName}</TableCell>
                  <TableCell>
                    <Marking marking={row.marking} />
                  </TableCell>
                  <TableCell className="m">{row.number ?? ''}</TableCell>
                  <TableCell className="num" title={originText(row, 'height') || row.heightSource}>
                    {row.height === null ? '' : row.height.toFixed(1)}
                  </TableCell>
                  <TableCell title={usedText(row)}>{usedText(row)}</TableCell>
                </TableRow>
              ))}
              {rows.length === 0 && (
                <TableRow>
                  <TableCell colSpan={6} className="quiet">
                    {shown.inAll === 0
                      ? 'No parts yet. Drop a parts list on the Shelf; its parts come here.'
                      : 'No part with these letters.'}
                  </TableCell>
                </TableRow>
              )}
            </TableBody>
          </Table>
          <Pager of="the Library" page={shown.page} pages={shown.pages} total={shown.total} onPage={turn} />
        </div>
        {part && <PartForm key={`${part.fingerprint} ${String(part.version)}`} part={part} mayEdit={mayEdit} />}
      </div>
    </main>
  );
}
