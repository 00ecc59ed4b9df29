import { useState, type ReactNode } from 'react';
import { useSerials, type Run } from '@/shared/api';
import { Pager, PrintButton } from '@/shared/ui';
import { headline } from '../model';
import { FirstKitPhoto } from './FirstKitPhoto';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './packing.module.css';

/** A finished run: what is packed, what is short and how it is filled, the labels. */
export function RunDone({ run, children }: { run: Run; children: ReactNode }) {
  const [page, setPage] = useState(1);
  const serials = useSerials(run.id, page);
  const incomplete = run.packs - run.complete.length;
  return (
    <section className={styles['rundone']}>
      <h1>
        {run.complete.length * run.kitsAtOnce} {run.complete.length * run.kitsAtOnce === 1 ? 'kit' : 'kits'} packed
      </h1>
      {incomplete > 0 && (
        <p className={styles['warn']}>
          ▲ {incomplete} {wordOf(run, incomplete)} short of:{' '}
          {run.short
            .map((line) => {
              const each = run.lines[line];
              return each ? headline(each) : '';
            })
            .join(', ')}
          . They are not in stock until that is filled.
        </p>
      )}
      {children}
      {run.newer !== null && run.newerId !== null && run.complete.length > 0 && (
        <p className={styles['warn']}>
          ▲ Packed the old way: revision {run.newer} is out since. Its slip says what the builders of these kits will
          see otherwise; lay one into each box.{' '}
          <PrintButton label="Print the slip" kind="difference-slip" subject={run.newerId} />
        </p>
      )}
      <FirstKitPhoto run={run} />
      <p>Each kit has a label with its serial number and the code of its own page.</p>
      <p>
        <PrintButton label="Print the labels" kind="kit-labels" subject={run.id} />
      </p>
      <ol className={styles['serials']}>
        {(serials.data?.serials ?? []).map((unit) => (
          <li key={unit.serial} className={run.complete.includes(unit.pack) ? ink['m'] : clsx(ink['m'], ink['quiet'])}>
            {unit.serial}{' '}
            {run.complete.includes(unit.pack) && (
              <PrintButton label="label" name={unit.serial} kind="kit-label" subject={run.id} piece={unit.serial} />
            )}
          </li>
        ))}
      </ol>
      {serials.data && (
        <Pager
          of="the serial numbers"
          page={serials.data.page}
          pages={serials.data.pages}
          total={serials.data.total}
          onPage={setPage}
        />
      )}
    </section>
  );
}

function wordOf({ kitsAtOnce }: Run, n: number): string {
  const what = kitsAtOnce > 1 ? 'pack' : 'kit';
  return n === 1 ? `${what} is` : `${what}s are`;
}
