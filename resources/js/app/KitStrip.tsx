import { useNavigate } from 'react-router';
import { clsx } from 'clsx';
import type { Header } from '@/shared/api';
import { Button, OptionChooser, PlaceLink, Select, TextLink } from '@/shared/ui';
import { STATIONS } from './stations';
import styles from './KitStrip.module.css';

type Props = {
  id: number;
  header: Header;
  station: string;
  options: string;
  onOptions: (chosen: string) => void;
  /** turns are off: someone may only look, or one is under way */ still: boolean;
  onTurn: (way: 'undo' | 'redo') => void;
};

/** The strip across the top of a kit: its name and revision, the stations with what is open in each, undo and redo. */
export function KitStrip({ id, header, station, options, onOptions, still, onTurn }: Props) {
  const navigate = useNavigate();
  const turn = (way: 'undo' | 'redo', words: string, none: string) => {
    const edit = header[way];
    return (
      <Button
        disabled={still || !edit}
        aria-keyshortcuts={way === 'undo' ? 'Control+Z' : 'Control+Y'}
        title={edit ? `${words}, by ${edit.by}` : none}
        onClick={() => {
          onTurn(way);
        }}
      >
        {way === 'undo' ? 'Undo' : 'Redo'}
      </Button>
    );
  };
  return (
    <header className={styles['strip']}>
      <div className={styles['name']}>
        <p>
          <b title={header.kit}>{header.kit}</b>
          <TextLink
            to={`/kits/${String(id)}/facts`}
            {...(station === 'facts' ? { 'aria-current': 'page' as const } : {})}
          >
            facts
          </TextLink>
        </p>
        <span>
          revision{' '}
          {header.others.length === 0 ? (
            header.revision
          ) : (
            <Select
              className={styles['revisions']}
              aria-label="Revision"
              value={id}
              onChange={(event) => void navigate(`/kits/${event.target.value}/${station}`)}
            >
              {[{ id, revision: header.revision }, ...header.others]
                .sort((a, b) => b.id - a.id)
                .map((each) => (
                  <option key={each.id} value={each.id}>
                    {each.revision}
                  </option>
                ))}
            </Select>
          )}
          , {header.released ? `released ${header.released.at.slice(0, 10)}` : 'draft'}
        </span>
      </div>
      <nav aria-label="Stations">
        {STATIONS.map((each) => (
          <PlaceLink
            key={each.id}
            to={`/kits/${String(id)}/${each.id}`}
            here={station === each.id}
            className={clsx(station === each.id && styles['active'])}
          >
            <span className={styles['n']}>{each.key}</span>
            <b>{each.name}</b>
            <State header={header} station={each.id} />
          </PlaceLink>
        ))}
      </nav>
      <div className={styles['tools']}>
        <OptionChooser options={header.options} chosen={options} onChoose={onOptions} />
        {turn('undo', 'Take back the last edit', 'Nothing to take back')}
        {turn('redo', 'Do again what was taken back', 'Nothing to do again')}
      </div>
    </header>
  );
}

/** What is open at a station; one with nothing to judge yet is neither open nor settled. */
function State({ header, station }: { header: Header; station: string }) {
  const open = header.matters.filter((matter) => matter.station === station && matter.severity !== 'note').length;
  if (open > 0)
    return (
      <span className={styles['open']} title={`${String(open)} open`}>
        <i>▲</i> {open} <em>open</em>
      </span>
    );
  if (header.notBegun.includes(station))
    return (
      <span className={styles['begins']} title="not begun">
        <i>□</i> <em>not begun</em>
      </span>
    );
  return (
    <span className={styles['settled']} title="settled">
      <i>■</i> <em>settled</em>
    </span>
  );
}
