import { useMemo, useState } from 'react';
import { useBoards, useManual, useMarks, useOrder } from '@/shared/api';
import { BoardView, fittedBefore } from '@/shared/board';
import { useKeys } from '@/shared/keys';
import { useKit, useShowPart } from '@/shared/kit';
import { Input, PrintButton, Split, Loading, TextLink } from '@/shared/ui';
import { CalloutCard } from './CalloutCard';
import { PadTable } from './PadTable';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './marks.module.css';

/** The Marks station: a card for everything that has a direction, in step order, cut from the board as the builder holds it. */
export function Marks() {
  const kit = useKit();
  const marks = useMarks(kit.id);
  const boards = useBoards(kit.id);
  const order = useOrder(kit.id);
  const manual = useManual(kit.id);
  const [filter, setFilter] = useState('');
  const all = useMemo(() => marks.data?.callouts ?? [], [marks.data]);
  const shown = all.filter((callout) =>
    `${callout.designator} ${callout.text}`.toLowerCase().includes(filter.trim().toLowerCase()),
  );
  const current = shown.find((callout) => callout.designator === kit.selected) ?? null;
  const fitted = useMemo(
    () => fittedBefore(order.data && 'steps' in order.data ? order.data.steps : [], current?.step ?? null),
    [order.data, current],
  );
  const go = (by: number) => {
    const at = shown.findIndex((callout) => callout.designator === kit.selected);
    const next = shown[Math.max(0, Math.min(shown.length - 1, at + by))];
    if (!next) return;
    kit.select(next.designator);
    document.getElementById(`callout-${next.designator}`)?.scrollIntoView({ block: 'nearest' });
  };
  useShowPart(marks.data !== undefined && boards.data !== undefined);
  useKeys({
    ArrowDown: () => {
      go(1);
    },
    ArrowUp: () => {
      go(-1);
    },
    Escape: () => {
      kit.select(null);
    },
  });
  if (!marks.data || !boards.data) return <Loading what="Working out the marks" fault={marks.error} />;
  const open = all.filter((callout) => callout.partMark === null && callout.exchange !== true).length;
  return (
    <Split
      work={
        <>
          <div className={ui['bar']}>
            <b>{all.length} have a direction</b>
            <span>
              {open === 0 ? 'each has a mark' : <span className={ink['ochre']}>▲ {open} without a mark</span>}
            </span>
            <span className={ui['end']}>
              <TextLink to={`/kits/${String(kit.id)}/facts?view=wires`}>wires</TextLink>
              <label className={ink['sr']} htmlFor="marks-filter">
                Filter callouts
              </label>
              <Input
                id="marks-filter"
                className={ui['filter']}
                placeholder="Filter"
                value={filter}
                onChange={(event) => {
                  setFilter(event.target.value);
                }}
              />
              <PrintButton
                label="Print the sheet (PDF)"
                kind="callout-sheet"
                subject={kit.id}
                paper={manual.data?.paper ?? 'A4'}
              />
            </span>
          </div>
          <div
            className={clsx(ui['scroll'], styles['cards'])}
            tabIndex={0}
            role="region"
            aria-label="Callouts in step order"
          >
            {all.length === 0 && <p className={ui['loading']}>Nothing in this kit has a direction.</p>}
            {shown.map((callout) => (
              <CalloutCard
                key={callout.designator}
                callout={callout}
                boards={boards.data.boards}
                current={callout === current}
              />
            ))}
          </div>
        </>
      }
      pane={
        <>
          <BoardView
            lit={current ? new Set([current.designator]) : new Set(all.map((callout) => callout.designator))}
            fitted={fitted}
            board={current?.picture?.board ?? null}
          />
          <PadTable boards={boards.data.boards} />
        </>
      }
    />
  );
}
