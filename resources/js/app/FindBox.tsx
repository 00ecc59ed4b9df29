import { useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { FIRST, useMarkings, useParts, useShelf } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { Button, Dialog, Input, Press } from '@/shared/ui';
import { kitHits, partHits, type Hit } from './find';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './FindBox.module.css';

/** `/`: find a designator or a kit, or read bands and codes, with the parts of this kit they could be. */
export function FindBox() {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  const navigate = useNavigate();
  const id = /^\/kits\/(\d+)/.exec(useLocation().pathname)?.[1] ?? '';
  const wanted = text.trim().toLowerCase();
  const shelf = useShelf({ ...FIRST, search: open ? wanted : '' });
  const markings = useMarkings(open ? text.trim() : '');
  const parts = useParts(open && id !== '' ? Number(id) : null).data;
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
  const hits = [...partHits(parts?.lines ?? [], id, wanted), ...kitHits(shelf.data?.kits ?? [], wanted)];
  const leave = () => {
    setOpen(false);
  };
  const go = (hit: Hit | undefined) => {
    if (!hit) return;
    setOpen(false);
    void navigate(hit.go);
  };
  return (
    <Dialog
      open={open}
      title={parts ? `Find in ${parts.kit} and on the Shelf` : 'Find on the Shelf'}
      onLeave={leave}
      onEntered={() => document.getElementById('find-text')?.focus()}
      actions={<Button onClick={leave}>Close</Button>}
    >
      <form
        className={styles['find']}
        onSubmit={(event) => {
          event.preventDefault();
          go(hits[0]);
        }}
      >
        <label htmlFor="find-text" className={ink['quiet']}>
          {parts ? 'A designator, a value or a kind of part, ' : ''}the name of a kit, a code or bands
        </label>
        <Input
          id="find-text"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
          placeholder="RV, 104, yellow violet orange gold"
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
        {wanted !== '' && hits.length === 0 && readings.length === 0 && !markings.isFetching && (
          <p className={ink['quiet']} role="status">
            {parts
              ? `No part of ${parts.kit} and no kit is called “${text.trim()}”.`
              : `No kit is called “${text.trim()}”. Parts are found with a kit open.`}{' '}
            {wanted.length > 1 ? markings.data?.message : ''}
          </p>
        )}
      </form>
    </Dialog>
  );
}
