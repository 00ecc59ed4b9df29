import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, useMe, useNewKit, useShelf, type ShelfRow } from '@/shared/api';
import { DropZone, FileButton, Notice } from '@/shared/ui';
import { KitRow } from './KitRow';
import './shelf.css';

/** The kits: each as a row with its board, what is open and what to do next; a file dropped anywhere makes a new kit. */
export function Shelf() {
  const shelf = useShelf();
  const me = useMe();
  const make = useNewKit();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [filter, setFilter] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [asked, setAsked] = useState<{ files: readonly File[]; headers: readonly string[] } | null>(null);
  const mayEdit = me.data?.abilities.includes('edit-kits') ?? false;
  const take = (files: readonly File[], designatorColumn?: number) => {
    setFault(null);
    setAsked(null);
    make.mutate(designatorColumn === undefined ? { files } : { files, designatorColumn }, {
      onSuccess: (row: ShelfRow) => void navigate(`/kits/${String(row.revisionId)}/parts`),
      onError: (why) => {
        const headers = why.headers;
        if (headers.length > 0) setAsked({ files, headers });
        else setFault(why.message);
      },
    });
  };
  const loadDemo = async () => {
    await api.post('/demo', {});
    await queries.invalidateQueries({ queryKey: ['shelf'] });
  };
  if (shelf.error) return <Notice title="The Shelf cannot be shown" text={shelf.error.message} />;
  const rows = (shelf.data ?? []).filter((kit) => kit.name.toLowerCase().includes(filter.trim().toLowerCase()));
  return (
    <DropZone label="Drop a parts list, a ZIP or the files of a kit folder: a new kit" onFiles={(files) => { take(files); }}>
      <main className="shelf">
        <div className="head">
          <h1>Shelf</h1>
          <span className="quiet">{shelf.data ? `${String(shelf.data.length)} ${shelf.data.length === 1 ? 'kit' : 'kits'}` : ''}</span>
          <label className="sr" htmlFor="shelf-filter">Filter kits</label>
          <input id="shelf-filter" className="filter" placeholder="Filter" value={filter} onChange={(event) => { setFilter(event.target.value); }} />
          <span className="end">{mayEdit && <FileButton label={make.isPending ? 'Reading the files' : 'New kit from files'} primary disabled={make.isPending} onFiles={(files) => { take(files); }} />}</span>
        </div>
        {fault && <p className="refusal" role="alert">{fault} <button type="button" className="btn link" onClick={() => { setFault(null); }}>Dismiss</button></p>}
        {asked && (
          <p className="which">
            <label htmlFor="designator-column">▲ {asked.files.map((file) => file.name).join(', ')}: no column is named for the designators. Which one holds them (R1, C2)?</label>{' '}
            <select id="designator-column" className="filter wide" defaultValue="" onChange={(event) => { take(asked.files, Number(event.target.value)); }}>
              <option value="" disabled>choose</option>
              {asked.headers.map((header, index) => <option key={`${header} ${String(index)}`} value={index}>{header === '' ? `column ${String(index + 1)}` : header}</option>)}
            </select>
          </p>
        )}
        {shelf.data?.length === 0 ? (
          <div className="empty">
            <h2>No kits yet</h2>
            <p>Drop a parts list here: a CSV from your board editor, or a spreadsheet. A placement file beside it puts the parts on the board. A ZIP of a kit folder brings all at once.</p>
            {mayEdit && <button type="button" className="btn" onClick={() => void loadDemo()}>Show me with the demo kit</button>}
          </div>
        ) : (
          <ul className="kits">
            {rows.map((kit) => <KitRow key={kit.id} kit={kit} mayEdit={mayEdit} />)}
          </ul>
        )}
        {mayEdit && (shelf.data?.length ?? 0) > 0 && <p className="hint">Drop a parts list, a ZIP or the files of a kit folder anywhere on this page: a new kit. CSV with comma, semicolon or tab, and XLSX are read.</p>}
      </main>
    </DropZone>
  );
}
