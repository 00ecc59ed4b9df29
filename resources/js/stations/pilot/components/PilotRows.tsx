import type { ManualStep, PilotLog } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, TableCell, Table, TableActions, TableBody, TableHead, TableRow, OutLink } from '@/shared/ui';
import { builds } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './pilot.module.css';

type Row = PilotLog['rows'][number];

/** What was logged so far: builds, snags to settle, and each row with a way to take it out. */
export function PilotRows({ rows, steps }: { rows: readonly Row[]; steps: readonly ManualStep[] }) {
  const kit = useKit();
  const snags = rows.map((row, index) => ({ row, number: index + 1 })).filter(({ row }) => row.snag !== '');
  const write = (number: number, value: Row | null) =>
    void kit.save([{ type: 'pilot', target: String(number), field: '', value }]);
  const title = (row: Row) => {
    const step = steps.find((each) => row.step.endsWith(each.key));
    return step ? `${String(step.number)}. ${step.title}` : row.step;
  };
  return (
    <div
      className={clsx(ui['scroll'], styles['pilotlog'])}
      tabIndex={0}
      role="region"
      aria-label="Log of the pilot builds"
    >
      {rows.length === 0 && (
        <p className={clsx(ink['quiet'], styles['quiet'])}>
          Nothing logged yet. Start the watch, build the step, and press space when it is done: the times of this order,
          and of every kind of part in it, are then yours.
        </p>
      )}
      {builds(rows).map((build) => (
        <p key={build.build}>
          <b>Build {build.build}</b>: {build.minutes.toFixed(1)} min
          {build.snags > 0 ? `, ${String(build.snags)} ${build.snags === 1 ? 'snag' : 'snags'}` : ''}
        </p>
      ))}
      {snags.length > 0 && <h2>Snags</h2>}
      {snags.map(({ row, number }) => (
        <p key={number} className={row.settled === 'yes' ? clsx(ink['quiet'], styles['quiet']) : ink['ochre']}>
          {row.settled === 'yes' ? '■ ' : '▲ '}
          <b>{title(row)}</b> {row.snag}
          {row.photo !== '' && (
            <>
              {' '}
              <OutLink
                href={`/api/revisions/${String(kit.id)}/pilot/photos/${row.photo}`}
                target="_blank"
                rel="noreferrer"
              >
                photograph
              </OutLink>
            </>
          )}
          {kit.mayEdit && (
            <Button
              look="link"
              disabled={kit.saving}
              onClick={() => {
                write(number, { ...row, settled: row.settled === 'yes' ? '' : 'yes' });
              }}
            >
              {row.settled === 'yes' ? 'open again' : 'settled'}
            </Button>
          )}
        </p>
      ))}
      {rows.length > 0 && (
        <>
          <h2>
            Log{' '}
            <TableActions
              name={`${kit.header.kit} ${kit.header.revision} pilot`}
              rows={() => [
                ['build', 'step', 'minutes', 'snag', 'settled'],
                ...rows.map((row) => [row.build, title(row), row.minutes, row.snag, row.settled]),
              ]}
            />
          </h2>
          <Table className={ui['table']}>
            <TableHead>
              <TableRow>
                <TableCell component="th" className={ui['num']}>
                  build
                </TableCell>
                <TableCell component="th">step</TableCell>
                <TableCell component="th" className={ui['num']}>
                  min
                </TableCell>
                <TableCell component="th" />
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map(
                (row, index) =>
                  row.minutes !== '' && (
                    <TableRow key={`${row.build} ${row.step}`}>
                      <TableCell className={ui['num']}>{row.build}</TableCell>
                      <TableCell>{title(row)}</TableCell>
                      <TableCell className={ui['num']}>{Number(row.minutes).toFixed(1)}</TableCell>
                      <TableCell>
                        {kit.mayEdit && (
                          <Button
                            look="link"
                            disabled={kit.saving}
                            onClick={() => {
                              write(index + 1, null);
                            }}
                          >
                            take out
                          </Button>
                        )}
                      </TableCell>
                    </TableRow>
                  ),
              )}
            </TableBody>
          </Table>
        </>
      )}
    </div>
  );
}
