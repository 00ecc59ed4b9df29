import type { PartLine, PartsDocument } from '@/shared/api';
import { Button, Input, TableActions } from '@/shared/ui';
import { asRows, type View } from '../model';

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
  const count = parts.lines.reduce((sum, line) => sum + (line.length === null ? line.quantity : 0), 0);
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
    <div className="bar">
      <span title={`${String(parts.lines.length)} lines, ${String(count)} parts`}>
        <b>
          {parts.lines.length} lines, {count} parts
        </b>
      </span>
      {button(
        'file',
        wrong === 0 ? 'File: all read' : `File: ${String(wrong)} to look at`,
        `What became of ${parts.file}`,
      )}
      {parts.lineUp.length > 0 && button('lineup', 'Look-alikes')}
      {others && button('difference', 'Compare')}
      <span className="end">
        {view === 'list' && (
          <>
            <label className="sr" htmlFor="parts-filter">
              Filter lines
            </label>
            <Input
              id="parts-filter"
              className="filter short"
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
