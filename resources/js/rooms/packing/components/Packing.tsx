import { useState, type SyntheticEvent } from 'react';
import { useNavigate } from 'react-router';
import { usePackWays, useRuns, useStartRun, type PackSize, type Runs } from '@/shared/api';
import { dealt, optionWords } from '@/shared/format';
import {
  Button,
  TableCell,
  Input,
  Notice,
  OptionChooser,
  Pager,
  PrintButton,
  Progress,
  Select,
  Table,
  TableBody,
  TableHead,
  TableRow,
  useWanted,
  TextLink,
} from '@/shared/ui';
import { minutesOf, quickerWay, type Way } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './packing.module.css';

const SIZES: readonly (readonly [PackSize, string])[] = [
  [1, 'one kit'],
  [5, '5 kits, for a class'],
  [10, '10 kits, for a class'],
  [20, '20 kits, for a class'],
];

/** The packing runs, and the form that begins one. */
export function Packing() {
  const { wanted, turn } = useWanted();
  const runs = useRuns(wanted);
  // One id for one run: pressed three times it begins once.
  const [operationId, setOperationId] = useState(() => crypto.randomUUID());
  const start = useStartRun();
  const navigate = useNavigate();
  const [release, setRelease] = useState<number | null>(null);
  const [packs, setPacks] = useState('20');
  const [size, setSize] = useState<PackSize>(1);
  const [dealing, setDealing] = useState<'kind' | 'pupil'>('pupil');
  const [options, setOptions] = useState('');
  const [way, setWay] = useState<Way | null>(null);
  const wantedRelease = release ?? runs.data?.releases[0]?.id;
  const ways = usePackWays(wantedRelease, options);
  const bags = Number(packs) * (size > 1 && dealing === 'pupil' ? size : 1);
  const quicker = quickerWay(ways.data, bags);
  if (runs.error) return <Notice title="The packing runs cannot be shown" text={runs.error.message} />;
  if (!runs.data)
    return (
      <p className={ui['loading']} role="status">
        Reading the runs
      </p>
    );
  const releases = runs.data.releases;
  const chosen = releases.find((each) => each.id === release) ?? releases[0];
  const begin = (event: SyntheticEvent) => {
    event.preventDefault();
    const releaseId = release ?? releases[0]?.id;
    if (releaseId !== undefined)
      start.mutate(
        { operationId, releaseId, packs: Number(packs), packSize: size, options, dealing, way: way ?? quicker },
        {
          onSuccess: (run) => {
            setOperationId(crypto.randomUUID());
            void navigate(`/packing/${String(run.id)}`);
          },
        },
      );
  };
  return (
    <main className={clsx(ui['room'], styles['packroom'])}>
      <div className={ui['roomhead']}>
        <h1>Packing</h1>
        <span className={ink['quiet']}>every part into its bag, by one key</span>
        <span className={ui['end']}>
          <PrintButton label="Print a tape ruler" kind="tape-ruler" subject={1} />
        </span>
      </div>
      {releases.length === 0 ? (
        <p className={ui['loading']}>
          No kit is released yet. A revision is released at its Manual station; then it can be packed.
        </p>
      ) : (
        <form className={styles['newrun']} onSubmit={begin} aria-label="Begin a run">
          <div className={clsx(ui['field'], styles['field'])}>
            <label htmlFor="run-release">kit</label>
            <Select
              id="run-release"
              value={release ?? releases[0]?.id}
              onChange={(event) => {
                setRelease(Number(event.target.value));
                setOptions('');
              }}
            >
              {releases.map((each) => (
                <option key={each.id} value={each.id}>
                  {each.kit}, revision {each.revision}
                </option>
              ))}
            </Select>
          </div>
          <div className={clsx(ui['field'], styles['field'])}>
            <label htmlFor="run-size">packs of</label>
            <Select
              id="run-size"
              value={size}
              onChange={(event) => {
                setSize(SIZES.find(([each]) => String(each) === event.target.value)?.[0] ?? 1);
              }}
            >
              {SIZES.map(([each, name]) => (
                <option key={each} value={each}>
                  {name}
                </option>
              ))}
            </Select>
          </div>
          {size > 1 && (
            <div className={clsx(ui['field'], styles['field'])}>
              <label htmlFor="run-dealing">each pack holds</label>
              <Select
                id="run-dealing"
                value={dealing}
                onChange={(event) => {
                  setDealing(event.target.value === 'kind' ? 'kind' : 'pupil');
                }}
              >
                <option value="pupil">a kit a pupil, bags by themselves</option>
                <option value="kind">every part in one bag for the class</option>
              </Select>
            </div>
          )}
          <div className={clsx(ui['field'], styles['field'])}>
            <label htmlFor="run-packs">how many packs</label>
            <Input
              id="run-packs"
              type="number"
              min={1}
              max={500}
              required
              value={packs}
              onChange={(event) => {
                setPacks(event.target.value);
              }}
            />
          </div>
          <div className={clsx(ui['field'], styles['field'])}>
            <label htmlFor="run-way">in which order</label>
            <Select
              id="run-way"
              value={way ?? quicker}
              onChange={(event) => {
                setWay(event.target.value === 'bag' ? 'bag' : 'line');
              }}
            >
              <option value="line">line by line{minutesOf(ways.data, bags, 'line')}</option>
              <option value="bag">bag by bag{minutesOf(ways.data, bags, 'bag')}</option>
            </Select>
          </div>
          {chosen && chosen.options.length > 0 && (
            <div className={clsx(ui['field'], styles['field'])}>
              <span>with</span>
              <span>
                <OptionChooser options={chosen.options} chosen={options} onChoose={setOptions} />
              </span>
            </div>
          )}
          <Button type="submit" look="primary" disabled={start.isPending}>
            Begin
          </Button>
          {start.error && (
            <p className={ui['refusal']} role="alert">
              {start.error.message}
            </p>
          )}
        </form>
      )}
      <div className={ui['scroll']} tabIndex={0} role="region" aria-label="Runs">
        <Table className={ui['table']}>
          <TableHead>
            <TableRow>
              <TableCell component="th">kit</TableCell>
              <TableCell component="th">begun</TableCell>
              <TableCell component="th" className={ui['num']}>
                packs
              </TableCell>
              <TableCell component="th" className={ui['num']}>
                kits packed
              </TableCell>
              <TableCell component="th">how far</TableCell>
              <TableCell component="th">next</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {runs.data.runs.map((run) => (
              <TableRow key={run.id}>
                <TableCell>
                  <b>{run.kit}</b>, revision {run.revision}
                  {run.options === '' ? '' : `, ${optionWords(run.options)}`}
                  {run.newer === null ? null : (
                    <div className={ink['ochre']}>▲ packed the old way: revision {run.newer} is out</div>
                  )}
                </TableCell>
                <TableCell>{run.at.slice(0, 10)}</TableCell>
                <TableCell className={ui['num']}>
                  {packsOf(run)}
                  {run.way === 'bag' ? ', bag by bag' : ''}
                </TableCell>
                <TableCell className={ui['num']}>{run.packed}</TableCell>
                <TableCell>
                  <Progress value={(100 * run.done) / run.cellsInAll} label={`run ${String(run.id)}`} />{' '}
                  {Math.floor((100 * run.done) / run.cellsInAll)} %
                </TableCell>
                <TableCell>
                  <TextLink to={`/packing/${String(run.id)}`}>
                    {run.finished ? 'look at it, print labels' : 'go on'}
                  </TextLink>
                </TableCell>
              </TableRow>
            ))}
            {runs.data.runs.length === 0 && (
              <TableRow>
                <TableCell colSpan={6} className={ink['quiet']}>
                  No run yet.
                </TableCell>
              </TableRow>
            )}
          </TableBody>
        </Table>
        <Pager of="the runs" page={runs.data.page} pages={runs.data.pages} total={runs.data.total} onPage={turn} />
      </div>
    </main>
  );
}

/** `20`, or `3 of 10, a kit a pupil`. */
function packsOf({ packs, packSize, dealing }: Runs['runs'][number]): string {
  if (packSize === 1) return String(packs);
  return `${String(dealing === 'pupil' ? packs / packSize : packs)} of ${String(packSize)}, ${dealt(dealing)}`;
}
