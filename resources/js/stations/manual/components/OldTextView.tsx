import { useOldText, type OldText } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Loading, Press } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './manual.module.css';

type Paragraph = OldText['paragraphs'][number];

/** What stands in a manual that was there before: each paragraph at the step its parts are fitted, the rest in the tray. */
export function OldTextView({ notes }: { notes: ReadonlyMap<string, string> }) {
  const kit = useKit();
  const old = useOldText(kit.id);
  if (!old.data) return <Loading what="Reading the old manual" fault={old.error} />;
  const all = old.data.paragraphs;
  const open = all.filter((each) => !each.done && !each.heading);
  const placed = open.filter((each) => each.step !== null).sort((a, b) => (a.step ?? 0) - (b.step ?? 0));
  const tray = open.filter((each) => each.step === null);
  const done = all.filter((each) => each.done);
  return (
    <div className={clsx(ui['scroll'], styles['pages'])} tabIndex={0} role="region" aria-label="The old manual">
      {all.length === 0 && (
        <p className={ui['loading']}>
          No old manual yet. Drop one here or on Parts: ODT, DOCX or Markdown. A scan has to be recognised first.
        </p>
      )}
      {placed.length > 0 && <h2>At a step</h2>}
      {placed.map((each) => (
        <One key={each.id} paragraph={each} note={notes.get(each.key) ?? ''} />
      ))}
      {tray.length > 0 && <h2>In the tray</h2>}
      {tray.map((each) => (
        <One key={each.id} paragraph={each} note="" />
      ))}
      {done.length > 0 && (
        <p className={ink['quiet']}>
          {done.length} taken over or set aside.{' '}
          {kit.mayEdit && (
            <Button
              look="link"
              disabled={kit.saving}
              onClick={() => {
                void kit.save(done.map((each) => ({ type: 'old-text', target: each.id, field: '', value: null })));
              }}
            >
              Put them back
            </Button>
          )}
        </p>
      )}
    </div>
  );
}

function One({ paragraph, note }: { paragraph: Paragraph; note: string }) {
  const kit = useKit();
  const done = { type: 'old-text' as const, target: paragraph.id, field: '' as const, value: true };
  const words = note === '' ? paragraph.text : `${note}\n\n${paragraph.text}`;
  return (
    <article className={styles['old']} aria-label={`${paragraph.file}, paragraph ${String(paragraph.number)}`}>
      <p>{paragraph.text}</p>
      <p className={clsx(ink['quiet'], styles['oldfrom'])}>
        <span>
          {paragraph.file}, paragraph {paragraph.number}
        </span>
        {paragraph.designators.map((name) => (
          <Press
            key={name}
            className={ink['m']}
            onClick={() => {
              kit.select(name);
            }}
          >
            {name}
          </Press>
        ))}
      </p>
      {kit.mayEdit && (
        <p className={styles['oldfrom']}>
          {paragraph.step !== null && paragraph.key !== '' && (
            <Button
              disabled={kit.saving}
              onClick={() => {
                void kit.save([{ type: 'words', target: `step.${paragraph.key}.note`, field: '', value: words }, done]);
              }}
            >
              Put it at step {paragraph.step}
            </Button>
          )}
          {paragraph.expect !== '' && (
            <Button
              disabled={kit.saving}
              onClick={() => {
                void kit.save([{ type: 'test', target: '', field: '', value: asTest(paragraph) }, done]);
              }}
            >
              Make it a test: {paragraph.points.join(' to ') || 'points open'}, {paragraph.expect}
            </Button>
          )}
          <Button
            look="link"
            disabled={kit.saving}
            onClick={() => {
              void kit.save([done]);
            }}
          >
            Set it aside
          </Button>
        </p>
      )}
    </article>
  );
}

/** The reading of a paragraph as a test; what its words do not say is left open. */
function asTest(paragraph: Paragraph) {
  return {
    name: `${paragraph.points.join(' to ') || 'reading'}, paragraph ${String(paragraph.number)}`,
    gate: null,
    power: 'on' as const,
    instrument: 'multimeter' as const,
    points: paragraph.points,
    settings: '',
    expect: paragraph.expect,
    otherwise: '',
  };
}
