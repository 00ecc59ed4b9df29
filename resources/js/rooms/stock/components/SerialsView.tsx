import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMoveUnit, useSerialLife, type SerialLife } from '@/shared/api';
import { optionWords } from '@/shared/format';
import { Button, Input, Loading, Notice, Refusal, TextLink } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { ENTRIES } from '../entries';
import { between, DEEDS, side, widths } from '../life';
import styles from './life.module.css';

type Life = NonNullable<SerialLife['life']>;

/** The life of one kit as a line, from its cut wire to the FAQ. */
export function SerialsView({ mayPack }: { mayPack: boolean }) {
  const [search, setSearch] = useSearchParams();
  const serial = search.get('serial') ?? '';
  const [typed, setTyped] = useState(serial);
  const found = useSerialLife(serial);
  const waiting = found.data?.waiting ?? [];
  const open = (next: string) => {
    setTyped(next);
    setSearch({ view: 'serials', serial: next });
  };
  return (
    <section className={styles['view']} aria-label="Serials">
      <form
        className={ui['bar']}
        onSubmit={(event) => {
          event.preventDefault();
          open(typed.trim());
        }}
      >
        <label htmlFor="life-serial">serial</label>
        <Input
          id="life-serial"
          className={ink['m']}
          value={typed}
          placeholder="as it stands on the bag"
          onChange={(event) => {
            setTyped(event.target.value);
          }}
        />
        <Button type="submit" disabled={typed.trim() === ''}>
          Show its life
        </Button>
      </form>
      {found.error && <Notice title="The serial cannot be shown" text={found.error.message} />}
      {waiting.length > 0 && found.data?.life == null && (
        <div className={styles['waiting']}>
          <h3>To be looked through</h3>
          <ul>
            {waiting.map((each) => (
              <li key={each.serial}>
                <Button
                  look="link"
                  onClick={() => {
                    open(each.serial);
                  }}
                >
                  {each.serial}
                </Button>{' '}
                <span className={ink['quiet']}>{ENTRIES[each.entry] ?? each.entry}</span>
              </li>
            ))}
          </ul>
        </div>
      )}
      {serial === '' && (
        <Notice title="One kit, one line" text="Type a serial: where it was packed, sold, built and reported." />
      )}
      {serial !== '' && !found.data && !found.error && <Loading what="Reading its life" />}
      {serial !== '' && found.data?.life === null && (
        <div className={styles['none']}>
          <p>
            No kit of ours has the serial <b className={ink['m']}>{serial}</b>.
          </p>
          {found.data.near.length > 0 && (
            <p>
              Near it:{' '}
              {found.data.near.map((each) => (
                <Button
                  key={each}
                  look="link"
                  onClick={() => {
                    open(each);
                  }}
                >
                  {each}
                </Button>
              ))}
            </p>
          )}
        </div>
      )}
      {found.data?.life && <Line life={found.data.life} mayPack={mayPack} />}
    </section>
  );
}

function Line({ life, mayPack }: { life: Life; mayPack: boolean }) {
  const wide = widths(life.events);
  return (
    <>
      <div className={styles['head']}>
        <h2>
          <span className={ink['m']}>{life.serial}</span> {life.kit}
        </h2>
        <p>
          revision {life.revision}
          {life.options === '' ? '' : `, ${optionWords(life.options)}`}
          {life.sealed ? ', in a class pack' : ''}, now{' '}
          {life.entry === null ? 'being packed' : (ENTRIES[life.entry] ?? life.entry)}
          {life.order === null ? '' : `, order ${life.order}`}
          {life.customer === null ? '' : `, ${life.customer}`}
        </p>
        {mayPack && life.may.length > 0 && <Deeds key={life.entry} life={life} />}
      </div>
      <ol className={styles['line']} aria-label="Its life">
        {life.events.map((event, at) => (
          <li
            key={`${event.at} ${event.kind} ${String(at)}`}
            data-side={side(event.kind)}
            style={{ minWidth: wide[at] }}
          >
            <span className={styles['day']}>{event.at.slice(0, 10)}</span>
            <span className={styles['dot']} aria-hidden />
            <span className={styles['what']}>
              {event.to === null ? event.what : <TextLink to={event.to}>{event.what}</TextLink>}
            </span>
            <span className={clsx(styles['gap'], ink['quiet'])}>{between(event, life.events[at + 1])}</span>
          </li>
        ))}
      </ol>
      {life.lots.length > 0 && (
        <div className={styles['lots']}>
          <h3>Lots in it</h3>
          <ul>
            {life.lots.map(({ title, lot, supplier, sure }) => (
              <li key={`${title} ${lot}`}>
                {title}, lot <span className={ink['m']}>{lot}</span>
                {supplier === '' ? '' : ` of ${supplier}`}
                {sure ? '' : ', or another that lay in the same bin'}
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

function Deeds({ life }: { life: Life }) {
  const move = useMoveUnit(life.serial);
  const [note, setNote] = useState('');
  const [operationId] = useState(() => crypto.randomUUID());
  return (
    <div className={styles['deeds']}>
      <label>
        <span className={ink['quiet']}>why</span>{' '}
        <Input
          value={note}
          maxLength={200}
          onChange={(event) => {
            setNote(event.target.value);
          }}
        />
      </label>
      {life.may.map((entry) => (
        <Button
          key={entry}
          disabled={move.isPending || (entry !== 'packed' && note.trim() === '')}
          title={entry !== 'packed' && note.trim() === '' ? 'Say why first' : ''}
          onClick={() => {
            move.mutate({ unit: life.unitId, body: { operationId, entry, note } });
          }}
        >
          {DEEDS[entry]}
        </Button>
      ))}
      {move.error && <Refusal>{move.error.message}</Refusal>}
    </div>
  );
}
