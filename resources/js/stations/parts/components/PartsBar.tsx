import type { PartLine, PartsDocument } from '@/shared/api';
import { Button, Input, TableActions } from '@/shared/ui';
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
  const button = (name: View, text: string, title?: string) => (
    <Button
      look={view === name ? 'on' : 'plain'}
      aria-pressed={view === name}
      title={title}
      onClick={() => {
        onView(view === name ? 'list' : name);
      }}
    >
      {text}
    </Button>
  );
  return (
    <div className={ui['bar']}>
      <span
        title={`${String(rows)} lines of the list; ${String(fitted)} parts that the builder fits; ${String(pieces)} pieces in all, with hardware and spares`}
      >
        <b>
          {rows} lines, {fitted} parts, {pieces} pieces
        </b>
      </span>
      {button(
        'file',
        wrong === 0 ? 'File: all read' : `File: ${String(wrong)} to look at`,
        `What became of ${parts.file}`,
      )}
      {parts.lineUp.length > 0 && button('lineup', 'Look-alikes')}
      {others && button('difference', 'Compare')}
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
