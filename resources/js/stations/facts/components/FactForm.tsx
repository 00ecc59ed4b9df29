import { useEffect, useRef, useState } from 'react';
import type { Facts } from '@/shared/api';
import { words } from '@/shared/format';
import { useKeptText } from '@/shared/keep';
import { useKit, type Saved } from '@/shared/kit';
import { Button } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import { doubleOf, faultOf, gateless, isEmpty, offerText, rowsOf, valueOf, type Row } from '../model';
import type { Spec } from '../spec';
import { FactCell } from './FactCell';
import { HolesPad } from './HolesPad';
import styles from './facts.module.css';

type Props = {
  /** what it said before */ said: unknown;
  /** one name for what is kept while it is typed */ name: string;
  /** what can be worked out and nobody has said */ offer?: { value?: unknown; why: string } | undefined;
  onSave: (value: unknown) => Promise<Saved> | string;
  spec: Spec;
  names: Facts;
  looked: boolean;
  /** parts painted on the board since, in one stroke */ painted: readonly string[];
  onLook: () => void;
  onLit: (parts: readonly string[]) => void;
};

const read = (text: string | null): Row[] | null => {
  try {
    const rows: unknown = JSON.parse(text ?? 'null');
    return Array.isArray(rows) ? (rows as Row[]) : null;
  } catch {
    return null;
  }
};

/** One fact of the kit as rows; what is typed stays until it is saved or dropped. A part picked on the board goes into the cell looked at. */
export function FactForm({ spec, said, offer, name, names, looked, painted, onLook, onLit, onSave }: Props) {
  const kit = useKit();
  const [text, write] = useKeptText(`facts ${String(kit.id)} ${name}`);
  const [at, look] = useState<{ row: number; cell: string } | null>(null);
  const [fault, tell] = useState('');
  const typed = read(text);
  const rows = typed ?? rowsOf(spec, said);
  const single = spec.shape === 'one' || spec.shape === 'text';
  const offered = offer ? offerText(spec, offer.value) : '';
  const shown = single ? [rows[0] ?? {}] : kit.mayEdit ? [...rows, {}] : rows;
  const put = (row: number, cell: string, value: string) => {
    tell('');
    write(
      JSON.stringify(
        shown
          .map((each, index) => (index === row ? { ...each, [cell]: value } : each))
          .filter((each, index) => index < rows.length || !isEmpty(each)),
      ),
    );
  };
  const cell = spec.cells.find((each) => each.name === at?.cell);
  const value = at === null ? '' : (shown[at.row]?.[at.cell] ?? '');
  const pick = useRef<(parts: readonly string[]) => void>(() => undefined);
  useEffect(() => {
    pick.current = (parts) => {
      const [part] = parts;
      if (!looked || at === null || !cell || part === undefined || !['part', 'parts', 'end'].includes(cell.kind))
        return;
      const named = words(value);
      // A stroke that begins at a part of the row takes parts out, any other puts them in.
      const others = named.filter((word) => !parts.includes(word));
      put(
        at.row,
        at.cell,
        cell.kind !== 'parts' ? part : (named.includes(part) ? others : [...others, ...parts]).join(' '),
      );
    };
  });
  const { selected, select } = kit;
  useEffect(() => {
    if (selected === null || !looked) return;
    pick.current([selected]);
    select(null);
  }, [selected, select, looked]);
  useEffect(() => {
    pick.current(painted);
  }, [painted]);
  useEffect(() => {
    if (looked) onLit(words(value).map((word) => word.split('.')[0] ?? ''));
  }, [looked, value, onLit]);
  const save = async () => {
    const wrong = rows.map((row) => (isEmpty(row) ? null : faultOf(spec, row))).find((each) => each !== null);
    const fault = wrong ?? (spec.once === true ? doubleOf(rows) : null) ?? gateless(spec, rows, names.gates);
    if (fault) {
      tell(fault);
      return;
    }
    const done = onSave(valueOf(spec, rows, said));
    if (typeof done === 'string') tell(done);
    else if ((await done) === 'saved') write(null);
  };
  return (
    <section className={styles['fact']} aria-label={spec.title}>
      <h2>{spec.title}</h2>
      <p className={ink['quiet']}>{spec.what}</p>
      {shown.length === 0 && <p className={ink['quiet']}>Nothing is said.</p>}
      <ol className={styles['rows']}>
        {shown.map((row, index) => (
          <li key={index} className={clsx(styles['row'], spec.cells.length > 3 && styles['wide'])}>
            {spec.cells.map((each) => (
              <div
                key={each.name}
                className={clsx(
                  styles['cell'],
                  each.kind === 'parts' && styles['many'],
                  ['number', 'pair', 'yes'].includes(each.kind) && styles['short'],
                  looked && at?.row === index && at.cell === each.name && styles['looked'],
                )}
              >
                {(index === 0 || spec.cells.length > 3) && <span className={styles['label']}>{each.label}</span>}
                <FactCell
                  cell={each}
                  label={`${each.label}, ${spec.title} ${String(index + 1)}`}
                  names={names}
                  value={row[each.name] ?? ''}
                  disabled={!kit.mayEdit}
                  onLook={() => {
                    look({ row: index, cell: each.name });
                    onLook();
                  }}
                  onChange={(next) => {
                    put(index, each.name, next);
                  }}
                />
              </div>
            ))}
            {!single && (
              <span className={styles['out']}>
                {index < rows.length && kit.mayEdit && (
                  <Button
                    look="link"
                    aria-label={`Take out ${spec.row}, row ${String(index + 1)}`}
                    onClick={() => {
                      tell('');
                      // An emptied row keeps the places of those after it, so that what the form does not show stays theirs.
                      write(JSON.stringify(rows.map((other, place) => (place === index ? {} : other))));
                    }}
                  >
                    take out
                  </Button>
                )}
              </span>
            )}
          </li>
        ))}
      </ol>
      {spec.shape === 'holes' && looked && (
        <HolesPad rows={shown} at={at?.row ?? 0} disabled={!kit.mayEdit} onPut={put} />
      )}
      {offer && offered !== '' && typed === null && rows.length === 0 && kit.mayEdit && (
        <p className={styles['offer']}>
          <span>
            Offered: <span className={ink['m']}>{offered}</span> <span className={ink['quiet']}>{offer.why}</span>
          </span>
          <Button
            aria-label={`Take what is offered: ${spec.title}`}
            onClick={() => {
              write(JSON.stringify(rowsOf(spec, offer.value)));
            }}
          >
            Take it
          </Button>
        </p>
      )}
      {fault !== '' && (
        <p className={styles['fault']} role="alert">
          {fault}
        </p>
      )}
      {typed !== null && (
        <p className={styles['acts']}>
          <Button look="primary" disabled={kit.saving} onClick={() => void save()}>
            Save {spec.title.toLowerCase()}
          </Button>
          <Button
            onClick={() => {
              tell('');
              write(null);
            }}
          >
            Leave as it was
          </Button>
        </p>
      )}
    </section>
  );
}
