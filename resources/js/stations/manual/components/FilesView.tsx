import { useOptions, type ExportKind, type ManualDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { LinkButton, PrintButton } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

const PRINTS: readonly { kind: ExportKind; name: string; does: string }[] = [
  {
    kind: 'manual',
    name: 'The manual',
    does: 'A book: contents, steps with their boards, readings, questions, how it works.',
  },
  {
    kind: 'booklet',
    name: 'The manual as a booklet',
    does: 'Half the size, two pages a side: print on both sides, turned at the short edge, and fold.',
  },
  {
    kind: 'before-you-buy',
    name: 'Before you buy',
    does: 'What is in, what is not, tools, hours, safety, for whoever asks beforehand.',
  },
  {
    kind: 'callout-sheet',
    name: 'Which way round',
    does: 'Every callout in step order, as the builder holds the board.',
  },
  {
    kind: 'sorting-mat',
    name: 'Sorting mat, 1:1',
    does: 'A place for every part at its size, with bands, bends and a box for the reading.',
  },
  {
    kind: 'drilling-template',
    name: 'Drilling template, 1:1',
    does: 'Holes from the centre lines and the edges, drills, and what goes through in which order.',
  },
  {
    kind: 'board-overlay',
    name: 'Places and names, 1:1',
    does: 'Both sides of every board to lay on a board without print; labels and insulators at their size.',
  },
  {
    kind: 'safety-file',
    name: 'Safety file',
    does: 'Each hazard with what shows it, the measure, and where it is printed, on one page.',
  },
];

const FILES: readonly { what: string; name: string; does: string }[] = [
  {
    what: 'manual.html',
    name: 'One HTML file',
    does: 'The manual for a web page or a memory stick; it loads nothing.',
  },
  {
    what: 'page.zip',
    name: 'The builder’s page as a folder',
    does: 'For any web space or a memory stick: it needs no server of yours, and reports come by mail.',
  },
  { what: 'manual.md', name: 'Markdown', does: 'The manual as text with signs.' },
  { what: 'manual.txt', name: 'Plain text', does: 'The manual without signs.' },
  {
    what: 'folder.zip',
    name: 'The kit folder',
    does: 'All files of this revision with datapackage.json, to keep beside the board files.',
  },
];

/** Everything a maker prints or takes away. */
export function FilesView({ manual }: { manual: ManualDocument }) {
  const kit = useKit();
  const options = useOptions();
  const address = (what: string, face: number | null) => {
    const query = new URLSearchParams({
      ...(options === '' ? {} : { options }),
      ...(face === null ? {} : { face: String(face) }),
    }).toString();
    return `/api/revisions/${String(kit.id)}/take/${what}${query === '' ? '' : `?${query}`}`;
  };
  const faces = manual.drilling ?? [];
  const prints = PRINTS.filter(({ kind }) => kind !== 'drilling-template' || faces.length > 0);
  const take = (what: string, name: string, does: string, face: number | null) => (
    <div key={`${what} ${String(face)}`}>
      <dt>{name}</dt>
      <dd className={ink['quiet']}>{does}</dd>
      <dd>
        <LinkButton href={address(what, face)} download aria-label={`Take it: ${name}`}>
          Take it
        </LinkButton>
      </dd>
    </div>
  );
  return (
    <div className={clsx(ui['scroll'], styles['takeaway'])} tabIndex={0} role="region" aria-label="Prints and files">
      <h2>To print, on {manual.paper}</h2>
      <dl>
        {prints.map(({ kind, name, does }) => (
          <div key={kind}>
            <dt>{name}</dt>
            <dd className={ink['quiet']}>{does}</dd>
            <dd>
              <PrintButton label="Make PDF" name={name} kind={kind} subject={kit.id} paper={manual.paper} />
            </dd>
          </div>
        ))}
      </dl>
      <h2>To take away</h2>
      <dl>
        {FILES.map(({ what, name, does }) => take(what, name, does, null))}
        {faces.map((face, index) =>
          take('drilling.svg', `Drilling of ${face}, SVG`, 'At true size, for a cutter.', index),
        )}
      </dl>
      {faces.length === 0 && (
        <p className={ink['quiet']}>
          Nothing of this kit is drilled. Holes under Facts, Drilling, or a panel over parts of a board give a template.
        </p>
      )}
      <p className={ink['quiet']}>Print what is 1:1 without fitting it to the page, and measure its bar.</p>
    </div>
  );
}
