import { useState } from 'react';
import { useFacts, type Change } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { useKit } from '@/shared/kit';
import { Loading, Split, useView, Views } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';
import { SUBJECTS } from '../specs';
import { FactForm } from './FactForm';
import { OnePart } from './OnePart';
import styles from './facts.module.css';

const IDS = SUBJECTS.map((each) => each.id);

/** What is said of the kit as a whole: its name and supply, what belongs together, its wires, gates and volts. */
export function Facts() {
  const kit = useKit();
  const facts = useFacts(kit.id);
  const [view, open] = useView(IDS);
  const [fact, look] = useState<string | null>(null);
  const [lit, light] = useState<readonly string[]>([]);
  const [painted, paint] = useState<readonly string[]>([]);
  const subject = SUBJECTS.find((each) => each.id === view) ?? SUBJECTS[0];
  if (!facts.data) return <Loading what="Reading what is said of the kit" fault={facts.error} />;
  const names = facts.data;
  const shown = lit.length === 0 && kit.selected !== null ? [kit.selected] : lit;
  return (
    <Split
      start={640}
      work={
        <>
          <div className={ui['bar']}>
            <Views
              label="Facts of"
              views={SUBJECTS}
              view={view}
              onView={(next) => {
                look(null);
                light([]);
                open(next);
              }}
            />
          </div>
          <div className={styles['facts']} tabIndex={0} role="region" aria-label={subject.name}>
            {subject.id === 'part' && <OnePart names={names} painted={painted} onLit={light} />}
            {subject.specs.map((spec) => (
              <FactForm
                key={`${String(kit.id)} ${spec.title}`}
                name={spec.title}
                spec={spec}
                said={names.facts[spec.fact]}
                offer={names.offers[spec.fact]}
                onSave={(value) => kit.save([{ type: 'fact', target: spec.fact, field: '', value } as Change])}
                names={names}
                looked={fact === spec.title}
                painted={painted}
                onLook={() => {
                  look(spec.title);
                }}
                onLit={light}
              />
            ))}
          </div>
        </>
      }
      pane={<BoardView lit={shown.length === 0 ? null : new Set(shown)} onPaint={paint} />}
    />
  );
}
