import type { PartLine, PartsDocument } from '@/shared/api';
import { Input, TableActions, Views } from '@/shared/ui';
import { asRows, type View } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

type Props = {
  parts: PartsDocument;
  lines: readonly PartLine[];
  filter: string;
  onFilter: (text: string) => void;
  view: View;
  onView: (view: View) => void;
  others: boolean;
};

/** Counts, the filter, copy and export, and the ways to the other views of the list. */
export function PartsBar({ parts, lines, filter, onFilter, view, onView, others }: Props) {
  const { lines: rows, parts: fitted, pieces } = parts.counts;
  const wrong = parts.problems.filter((problem) => problem.severity !== 'note').length;
  const views: { id: View; name: string }[] = [
    { id: 'list', name: 'List' },
    { id: 'file', name: wrong === 0 ? 'File: all read' : `File: ${String(wrong)} to look at` },
    ...(parts.lineUp.length > 0 ? [{ id: 'lineup' as const, name: 'Look-alikes' }] : []),
    ...(others ? [{ id: 'difference' as const, name: 'Compare' }] : []),
  ];
  return (
    <div className={ui['bar']}>
      <span
        title={`${String(rows)} lines of the list; ${String(fitted)} parts that the builder fits; ${String(pieces)} pieces in all, with hardware and spares`}
      >
        <b>
          {rows} lines, {fitted} parts, {pieces} pieces
        </b>
      </span>
      <Views
        label="What to look at"
        views={views}
        view={views.some(({ id }) => id === view) ? view : 'list'}
        onView={onView}
      />
      <span className={ui['end']}>
        {view === 'list' && (
          <>
            <label className={ink['sr']} htmlFor="parts-filter">
              Filter lines
            </label>
            <Input
              id="parts-filter"
              className={clsx(ui['filter'], styles['filter'], styles['short'])}
              placeholder="Filter"
              value={filter}
              onChange={(event) => {
                onFilter(event.target.value);
              }}
            />
            <TableActions name={`${parts.kit} ${parts.revision} parts`} rows={() => asRows(lines)} />
          </>
        )}
      </span>
    </div>
  );
}
