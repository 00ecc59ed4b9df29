import { useBoardFiles, type BoardFiles } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Select } from '@/shared/ui';
import { clsx } from 'clsx';
import { PlaceColumns } from './PlaceColumns';
import { SideWords } from './SideWords';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './board-files.module.css';

type BoardFile = BoardFiles['files'][number];

const ROLES: Readonly<Record<string, string>> = {
  outline: 'outline',
  'legend-top': 'legend, top',
  'legend-bottom': 'legend, bottom',
  'mask-top': 'solder mask, top',
  'mask-bottom': 'solder mask, bottom',
  'copper-top': 'copper, top',
  'copper-bottom': 'copper, bottom',
  drill: 'holes',
  nets: 'nets',
  places: 'places of the parts',
  drawing: 'circuit drawing',
  text: 'old manual',
  other: 'nothing of the board',
};
const HOW: Readonly<Record<BoardFile['how'], string>> = {
  attribute: 'says so itself',
  name: 'by its name',
  content: 'by what is in it',
  maker: 'you said so',
  unknown: '',
};

/** What every file of the boards was taken for, what was read from it and what was left; the maker may say otherwise. */
export function BoardFileList() {
  const kit = useKit();
  const files = useBoardFiles(kit.id);
  const read = files.data;
  if (!read || read.files.length === 0) return null;
  const clamped = read.derived.clamps.map(([diode, coil]) => `${diode ?? ''} clamps ${coil ?? ''}`);
  const driven = read.derived.drivers.map(([driver, coil]) => `${driver ?? ''} drives ${coil ?? ''}`);
  const series = read.derived.series.map(([adjuster, part]) => `${part ?? ''} stands in series with ${adjuster ?? ''}`);
  const fed = Object.entries(read.derived.feeds as Record<string, string[]>).map(
    ([block, others]) => `${block} feeds ${others.join(', ')}`,
  );
  const follows = [...clamped, ...driven, ...series, ...fed];
  return (
    <section className={styles['files']} aria-label="Files of the board">
      <h2>Files of the board</h2>
      <ul>
        {read.files.map((file) => (
          <OneFile key={file.name} file={file} />
        ))}
      </ul>
      <SideWords words={read.sideWords} />
      {follows.length > 0 && <p>From the nets: {follows.join(' · ')}.</p>}
    </section>
  );
}

function OneFile({ file }: { file: BoardFile }) {
  const kit = useKit();
  const isOpen = file.how === 'unknown';
  return (
    <li>
      <span className={clsx(ink['m'], styles['name'])}>{file.name}</span>
      <Select
        className={clsx(ui['filter'], styles['role'])}
        aria-label={`What ${file.name} is`}
        value={isOpen ? '' : file.role}
        disabled={!kit.mayEdit || kit.saving}
        onChange={(event) => {
          void kit.save([{ type: 'file-role', target: file.name, field: '', value: role(event.target.value) }]);
        }}
      >
        {isOpen && <option value="">{`perhaps ${ROLES[file.role] ?? file.role}`}</option>}
        {file.how === 'maker' && <option value="">let the file say</option>}
        {!isOpen && !(file.role in ROLES) && <option value={file.role}>{file.role}</option>}
        {Object.entries(ROLES).map(([value, name]) => (
          <option key={value} value={value}>
            {name}
          </option>
        ))}
      </Select>
      <span className={ink['quiet']}>{[HOW[file.how], ...file.read].filter(Boolean).join(' · ')}</span>
      {file.picture !== undefined && file.picture !== '' && (
        <span
          className={styles['picture']}
          role="img"
          aria-label={`What ${file.name} draws`}
          dangerouslySetInnerHTML={{ __html: file.picture }}
        />
      )}
      {file.table && <PlaceColumns file={file.name} table={file.table} />}
      {file.left.length > 0 && (
        <span className={clsx(styles['left'], ink['ochre'])}>
          {file.left.map((sentence) => (
            <span key={sentence}>▲ {sentence} </span>
          ))}
        </span>
      )}
    </li>
  );
}

function role(value: string): BoardFile['role'] | null {
  return value === '' ? null : (value as BoardFile['role']);
}
