import { useState } from 'react';
import { useLotFile, useStockParts } from '@/shared/api';
import { FilterField, DropZone, FileButton, Loading, Notice, Pager, Press, Refusal, useWanted } from '@/shared/ui';
import { amount, standing } from '../model';
import { PartPane } from './PartPane';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './stock.module.css';

/** Parts on hand, what asks for a count first; the chosen one with its lots beside. */
export function PartsView({ mayMove }: { mayMove: boolean }) {
  const { wanted, want, text, setText } = useWanted();
  const parts = useStockParts(wanted);
  const file = useLotFile();
  const [chosen, setChosen] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  if (parts.error) return <Notice title="The parts cannot be shown" text={parts.error.message} />;
  if (!parts.data) return <Loading what="Counting the parts" />;
  const take = (files: readonly File[]) => {
    const [first] = files;
    if (!first) return;
    setSaid(null);
    file.mutate(first, {
      onSuccess: ({ received }) => {
        setSaid(`${String(received)} ${received === 1 ? 'lot' : 'lots'} received.`);
      },
    });
  };
  const rows = parts.data.parts;
  const open = chosen ?? rows[0]?.fingerprint ?? null;
  return (
    <DropZone label="Drop a CSV of lots: part, lot, quantity, unit_cost, received, supplier" onFiles={take}>
      <div className={styles['parts']}>
        <section className={styles['shelf']} aria-label="Parts">
          <div className={ui['bar']}>
            <FilterField
              id="part-filter"
              label="Filter parts"
              placeholder="Part or lot"
              value={text}
              onChange={setText}
            />
            {parts.data.toCount > 0 && <span className={ink['ochre']}>▲ {parts.data.toCount} to count</span>}
            {mayMove && (
              <span className={ui['end']}>
                <FileButton label="Lots from a CSV" onFiles={take} />
              </span>
            )}
          </div>
          {file.error && (
            <Refusal
              onDismiss={() => {
                file.reset();
              }}
            >
              {file.error.message}
            </Refusal>
          )}
          {said !== null && <p role="status">{said}</p>}
          {rows.length === 0 && (
            <p className={ui['loading']}>
              {wanted.search === ''
                ? 'No part yet. Drop a parts list on the Shelf; its parts stand here.'
                : 'No part and no lot with these letters.'}
            </p>
          )}
          <ul className={styles['rows']}>
            {rows.map((part) => (
              <li key={part.fingerprint}>
                <Press
                  className={styles['row']}
                  aria-pressed={part.fingerprint === open}
                  onClick={() => {
                    setChosen(part.fingerprint);
                  }}
                >
                  <span>
                    {part.title}
                    {part.number !== null && <span className={clsx(ink['m'], ink['quiet'])}> {part.number}</span>}
                  </span>
                  <span className={part.toCount || part.held ? ink['ochre'] : ink['quiet']}>{standing(part)}</span>
                  <b className={ink['m']}>{amount(part.onHand, part.unit)}</b>
                </Press>
              </li>
            ))}
          </ul>
          <Pager
            of="the parts"
            page={parts.data.page}
            pages={parts.data.pages}
            total={parts.data.total}
            onPage={(page) => {
              want({ ...wanted, page });
            }}
          />
        </section>
        {open !== null && <PartPane key={open} fingerprint={open} mayMove={mayMove} />}
      </div>
    </DropZone>
  );
}
