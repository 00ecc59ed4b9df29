import { useState } from 'react';
import { useDifference, type DifferenceEntry } from '@/shared/api';
import { useKit } from '@/shared/kit';
import {
  TableCell,
  Marking,
  PrintButton,
  Select,
  Table,
  TableActions,
  TableBody,
  TableHead,
  TableRow,
  Loading,
} from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

const CHANGES: Readonly<Record<DifferenceEntry['change'], string>> = {
  added: '+ new',
  removed: '− gone',
  substituted: '▲ substituted',
  renumbered: '= renumbered',
  changed: '~ changed',
};

/** What changed since another revision: part by part, what it touches, and which kits are packed the old way. */
export function Differences() {
  const kit = useKit();
  const [earlier, setEarlier] = useState(kit.header.others[0]?.id ?? 0);
  const difference = useDifference(kit.id, earlier);
  const entries = difference.data?.entries ?? [];
  const faq = (difference.data?.faq ?? {}) as Record<string, string[]>;
  return (
    <>
      <div className={ui['bar']}>
        <label htmlFor="earlier">from revision</label>
        <Select
          id="earlier"
          className={clsx(ui['filter'], styles['filter'])}
          value={earlier}
          onChange={(event) => {
            setEarlier(Number(event.target.value));
          }}
        >
          {kit.header.others.map((other) => (
            <option key={other.id} value={other.id}>
              {other.revision}
            </option>
          ))}
        </Select>
        <span>
          to <b>{kit.header.revision}</b>
        </span>
        <span className={ui['end']}>
          <TableActions
            name={`${kit.header.kit} difference`}
            rows={() => [
              ['part', 'change', 'what is seen', 'steps', 'bag', 'tests'],
              ...entries.map((entry) => [
                entry.designator,
                entry.change,
                entry.seen,
                steps(entry),
                bag(entry),
                tests(entry),
              ]),
            ]}
          />
          {difference.data && difference.data.packed.length > 0 && (
            <PrintButton label="Print the slip" kind="difference-slip" subject={kit.id} />
          )}
        </span>
      </div>
      <div className={ui['scroll']} tabIndex={0} role="region" aria-label="Differences">
        {difference.error && <p className={ui['loading']}>{difference.error.message}</p>}
        {difference.isPending && <Loading what="Comparing" />}
        {difference.data && entries.length === 0 && <p className={ui['loading']}>No part differs.</p>}
        {entries.length > 0 && (
          <Table className={clsx(ui['table'], styles['table'], styles['differences'])}>
            <TableHead>
              <TableRow>
                <TableCell component="th">part</TableCell>
                <TableCell component="th">change</TableCell>
                <TableCell component="th">what the builder sees otherwise</TableCell>
                <TableCell component="th">before</TableCell>
                <TableCell component="th">now</TableCell>
                <TableCell component="th">touches</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {entries.map((entry) => (
                <TableRow
                  key={`${entry.was} ${entry.designator}`}
                  aria-selected={kit.selected === entry.designator}
                  onClick={() => {
                    kit.select(entry.designator);
                  }}
                >
                  <TableCell className={clsx(ui['refs'], ink['m'], styles['m'])}>
                    {entry.designator.startsWith('~') ? '' : entry.designator}
                  </TableCell>
                  <TableCell>{CHANGES[entry.change]}</TableCell>
                  <TableCell className={styles['wraps']}>{entry.seen}</TableCell>
                  <TableCell>
                    <Marking marking={entry.before?.marking ?? null} />
                  </TableCell>
                  <TableCell>
                    <Marking marking={entry.after?.marking ?? null} />
                  </TableCell>
                  <TableCell className={styles['wraps']}>
                    {[
                      steps(entry) === '' ? '' : `step ${steps(entry)}`,
                      bag(entry) === '' ? '' : `bag ${bag(entry)} and its label`,
                      entry.before?.callout || entry.after?.callout ? 'callout' : '',
                      looks(entry),
                      (faq[entry.designator] ?? []).length > 0 ? `FAQ: ${(faq[entry.designator] ?? []).join(' ')}` : '',
                      tests(entry) === '' ? '' : `test ${tests(entry)}`,
                    ]
                      .filter((text) => text !== '')
                      .join(', ')}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        )}
        {(difference.data?.readings.length ?? 0) > 0 && (
          <p className={styles['cutline']}>
            <b>Measured otherwise:</b>{' '}
            {difference.data?.readings
              .map(
                (each) =>
                  `${each.test}: ${each.before === '' ? 'new' : each.before} → ${each.after === '' ? 'no longer' : each.after}`,
              )
              .join('; ')}
            .
          </p>
        )}
        {(difference.data?.bags.length ?? 0) > 0 && (
          <p className={styles['cutline']}>
            <b>Bags weigh otherwise:</b>{' '}
            {difference.data?.bags
              .map((each) => `${each.bag}: ${grams(each.before)} → ${grams(each.after)}`)
              .join('; ')}
            .
            {difference.data?.bags.some((each) => each.typical) && (
              <span className={ink['quiet']}>
                {' '}
                Typical masses among them; weigh parts into masses.csv or the library to know better.
              </span>
            )}
          </p>
        )}
        {difference.data && difference.data.packed.length > 0 && (
          <p className={styles['cutline']}>
            <b>Packed as {difference.data.before}:</b> {difference.data.packed.length} kits,{' '}
            <span className={clsx(ink['m'], styles['m'])}>{difference.data.packed[0]}</span> to{' '}
            <span className={clsx(ink['m'], styles['m'])}>{difference.data.packed.at(-1)}</span>. The slip names them.
          </p>
        )}
      </div>
    </>
  );
}

function steps(entry: DifferenceEntry): string {
  return [...new Set([...(entry.before?.steps ?? []), ...(entry.after?.steps ?? [])])].join(', ');
}

function bag(entry: DifferenceEntry): string {
  return [...new Set([entry.before?.bag ?? '', entry.after?.bag ?? ''])].filter((name) => name !== '').join(', ');
}

function tests(entry: DifferenceEntry): string {
  return [...new Set([...(entry.before?.tests ?? []), ...(entry.after?.tests ?? [])])].join(', ');
}

/** Look-alikes that a part has now and had not, or the other way round. */
function looks(entry: DifferenceEntry): string {
  const [was, is] = [entry.before?.alike ?? [], entry.after?.alike ?? []];
  const fresh = is.filter((name) => !was.includes(name));
  return fresh.length === 0 ? '' : `looks like ${fresh.join(' ')} now`;
}

function grams(mass: number | null): string {
  return mass === null ? 'not there' : `${mass.toFixed(2)}\u2009g`;
}
