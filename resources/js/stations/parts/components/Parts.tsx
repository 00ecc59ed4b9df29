import { useState } from 'react';
import { useParts } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { useKit, useShowPart } from '@/shared/kit';
import { Split, useView, Loading } from '@/shared/ui';
import { Differences } from './Differences';
import { FileReport } from './FileReport';
import { LineUp } from './LineUp';
import { LineDetail } from './LineDetail';
import { AddPart } from './AddPart';
import { PartsBar } from './PartsBar';
import { PartsTable } from './PartsTable';
import { Question } from './Question';
import ui from '@/shared/ui/ui.module.css';
import { filtered, lineKey, sorted, type Column, VIEWS } from '../model';

/** The Parts station: every line of the list with how it is marked, and what is not clear yet. */
export function Parts() {
  const kit = useKit();
  const parts = useParts(kit.id);
  const [filter, setFilter] = useState('');
  const [sort, setSort] = useState<{ column: Column | null; down: boolean }>({ column: null, down: false });
  const [view, setView] = useView(VIEWS);
  useShowPart(parts.data !== undefined);
  if (!parts.data) return <Loading what="Reading the parts list" fault={parts.error} />;
  const lines = sorted(filtered(parts.data.lines, filter), sort.column, sort.down);
  const current =
    parts.data.lines.find((line) => kit.selected !== null && line.designators.includes(kit.selected)) ?? null;
  const question = current?.question ? current : (parts.data.lines.find((line) => line.question) ?? null);
  const lit = current ? new Set(current.designators) : null;
  return (
    <Split
      start={402}
      work={
        <>
          <PartsBar
            parts={parts.data}
            lines={lines}
            filter={filter}
            onFilter={setFilter}
            view={view}
            onView={setView}
            others={kit.header.others.length > 0}
          />
          {view === 'difference' && kit.header.others.length > 0 ? (
            <Differences />
          ) : view === 'file' ? (
            <FileReport parts={parts.data} />
          ) : view === 'lineup' ? (
            <LineUp parts={parts.data} />
          ) : lines.length === 0 ? (
            <p className={ui['loading']}>
              {parts.data.lines.length > 0
                ? 'No line with these letters.'
                : 'No line yet. Drop a parts list anywhere here: CSV, XLSX or a pasted table with designators and values.'}
            </p>
          ) : (
            <PartsTable
              lines={lines}
              current={current ? lineKey(current) : null}
              sort={sort}
              onSort={(column) => {
                setSort((now) => ({ column, down: now.column === column && !now.down }));
              }}
            />
          )}
          {view === 'list' && <AddPart />}
        </>
      }
      pane={
        <>
          {question && (current === null || current.question) && <Question key={lineKey(question)} line={question} />}
          {current && !current.question && <LineDetail line={current} lines={parts.data.lines} />}
          <BoardView lit={lit} board={null} />
        </>
      }
    />
  );
}
