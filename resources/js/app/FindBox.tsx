import Dialog from '@mui/material/Dialog';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { FIRST, useMarkings, useShelf, type PartsDocument } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { Input, Press } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './FindBox.module.css';

type Hit = { key: string; mono: string; text: string; go: string };

function partHits(parts: PartsDocument | undefined, id: string, text: string): Hit[] {
  if (!parts || text === '') return [];
  return parts.lines
    .flatMap((line) => line.designators.map((name) => ({ name, line })))
    .filter(({ name, line }) => name.toLowerCase().startsWith(text) || line.text.toLowerCase().includes(text))
    .slice(0, 8)
    .map(({ name, line }) => ({
      key: `part ${name}`,
      mono: name,
      text: `${line.display ?? line.text} ${line.kindName}`,
      go: `/kits/${id}/parts?part=${encodeURIComponent(name)}`,
    }));
}

/** `/`: find a designator or a kit, or read bands and codes, with the parts of this kit they could be. */
export function FindBox() {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const queries = useQueryClient();
  const navigate = useNavigate();
  const id = /^\/kits\/(\d+)/.exec(useLocation().pathname)?.[1] ?? '';
  const wanted = text.trim().toLowerCase();
  const shelf = useShelf({ ...FIRST, search: open ? wanted : '' });
  const markings = useMarkings(open ? text.trim() : '');
  const parts =
    id === ''
      ? undefined
      : queries
          .getQueriesData<PartsDocument>({ queryKey: ['revision', Number(id), 'parts'] })
          .find(([, found]) => found)?.[1];
  useKeys({
    '/': () => {
      setText('');
      setOpen(true);
    },
  });
  // What this kit holds is likelier than what it does not.
  const readings = (markings.data?.readings ?? [])
    .map((reading) => ({
      reading,
      same:
        parts?.lines
          .filter((line) => line.value === reading.value && line.unit === reading.unit)
          .flatMap((line) => line.designators) ?? [],
    }))
    .sort((a, b) => Number(b.same.length > 0) - Number(a.same.length > 0) || a.reading.rank - b.reading.rank);
  const hits: Hit[] = [
    ...partHits(parts, id, wanted),
    ...(shelf.data?.kits ?? [])
      .filter((kit) => wanted !== '' && kit.name.toLowerCase().includes(wanted))
      .slice(0, 8)
      .map((kit) => ({
        key: `kit ${String(kit.id)}`,
        mono: 'kit',
        text: kit.name,
        go: `/kits/${String(kit.revisionId)}/parts`,
      })),
  ];
  const go = (hit: Hit | undefined) => {
    if (!hit) return;
    setOpen(false);
    void navigate(hit.go);
  };
  return (
    <Dialog
      open={open}
      onClose={() => {
        setOpen(false);
      }}
      aria-labelledby="find-title"
      slotProps={{ transition: { onEntered: () => document.getElementById('find-text')?.focus() } }}
    >
      <form
        className={styles['find']}
        onSubmit={(event) => {
          event.preventDefault();
          go(hits[0]);
        }}
      >
        <h2 id="find-title" className={ink['sr']}>
          Find
        </h2>
        <label htmlFor="find-text" className={ink['sr']}>
          A designator, a kit, a code or bands
        </label>
        <Input
          id="find-text"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
          placeholder="R3, 104, yellow violet orange gold"
          autoComplete="off"
        />
        <ul>
          {hits.map((hit) => (
            <li key={hit.key}>
              <Press
                onClick={() => {
                  go(hit);
                }}
              >
                <span className={clsx(ink['m'], styles['m'])}>{hit.mono}</span>
                <span>{hit.text}</span>
              </Press>
            </li>
          ))}
        </ul>
        {readings.length > 0 && (
          <>
            <h3>As a marking</h3>
            <ul>
              {readings.map(({ reading, same }) => {
                return (
                  <li key={`${reading.unit} ${String(reading.rank)}`}>
                    <Press
                      disabled={same.length === 0}
                      onClick={() => {
                        go({
                          key: '',
                          mono: '',
                          text: '',
                          go: `/kits/${id}/parts?part=${encodeURIComponent(same[0] ?? '')}`,
                        });
                      }}
                    >
                      <span className={clsx(ink['m'], styles['m'])}>{reading.display}</span>
                      <span>
                        {[
                          reading.direction === 'reverse'
                            ? 'from the other end'
                            : reading.direction
                              ? 'bands'
                              : (reading.scheme ?? '').replaceAll('-', ' '),
                          reading.tolerance ? `± ${reading.tolerance} %` : '',
                          reading.voltage ? `${reading.voltage} V` : '',
                          reading.dielectric ?? '',
                        ]
                          .filter(Boolean)
                          .join(', ')}
                        <br />
                        <span className={clsx(ink['quiet'], ink['small'])}>
                          {reading.reasons.map((reason) => reason.text).join(' ')}
                        </span>
                      </span>
                      <span className={ink['quiet']}>{same.length > 0 ? `in this kit: ${same.join(' ')}` : ''}</span>
                    </Press>
                  </li>
                );
              })}
            </ul>
          </>
        )}
        {wanted.length > 1 && hits.length === 0 && markings.data?.message && (
          <p className={ink['quiet']}>{markings.data.message}</p>
        )}
      </form>
    </Dialog>
  );
}
