import type { PartLine, PartsDocument } from '@/shared/api';
import { TableActions } from '@/shared/ui';
import { asRows } from '../model';

type Props = { parts: PartsDocument; lines: readonly PartLine[]; filter: string; onFilter: (text: string) => void; showFile: boolean; onShowFile: () => void; compare: boolean | null; onCompare: () => void };

/** Counts, the filter, copy and export, and the way to the file's own report. */
export function PartsBar({ parts, lines, filter, onFilter, showFile, onShowFile, compare, onCompare }: Props) {
  const count = parts.lines.reduce((sum, line) => sum + (line.length === null ? line.quantity : 0), 0);
  const wrong = parts.problems.filter((problem) => problem.severity !== 'note').length;
  return (
    <div className="bar">
      <span><b>{parts.lines.length} lines, {count} parts</b></span>
      <button type="button" className={showFile ? 'btn on' : 'btn'} aria-pressed={showFile} onClick={onShowFile}>
        {parts.file}: {wrong === 0 ? 'all rows read' : `${String(wrong)} ${wrong === 1 ? 'row' : 'rows'} to look at`}
      </button>
      {compare !== null && <button type="button" className={compare ? 'btn on' : 'btn'} aria-pressed={compare} onClick={onCompare}>Compare revisions</button>}
      <span className="end">
        <label className="sr" htmlFor="parts-filter">Filter lines</label>
        <input id="parts-filter" className="filter" placeholder="Filter" value={filter} onChange={(event) => { onFilter(event.target.value); }} />
        <TableActions name={`${parts.kit} ${parts.revision} parts`} rows={() => asRows(lines)} />
      </span>
    </div>
  );
}
