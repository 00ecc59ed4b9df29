import { useState } from 'react';
import type { Change, Facts } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { PartsField } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { fieldsOf, flat, PART, pinsTyped } from '../partFacts';
import { FactForm } from './FactForm';
import styles from './facts.module.css';

type Props = { names: Facts; painted: readonly string[]; onLit: (parts: readonly string[]) => void };
type Line = Record<string, unknown>;

/** What is said of one part beside its row: its mark, its pins, its body, what turning it does. Picked on the board, or by name. */
export function OnePart({ names, painted, onLit }: Props) {
  const kit = useKit();
  const [typed, choose] = useState('');
  const [looked, look] = useState(false);
  const part = looked || kit.selected === null ? typed : kit.selected;
  const was = (names.lines as Record<string, Line>)[part] ?? {};
  const save = (value: unknown) => {
    const next = (value ?? {}) as Line;
    if (typeof next['pins'] === 'string' && pinsTyped(next['pins']) === null)
      return 'Pins are typed as 1: -2.5 0; 2: 2.5 0, millimetres from the place of the part.';
    return kit.save(
      fieldsOf(next, was).map(([field, change]) => ({ type: 'line', target: part, field, value: change }) as Change),
    );
  };
  return (
    <>
      <div className={styles['chosen']}>
        <span>Part</span>
        <PartsField
          label="Part"
          names={names.parts}
          called={names.called}
          value={part}
          onFocus={() => {
            look(false);
          }}
          onChange={(next) => {
            kit.select(null);
            choose(next);
            onLit([next]);
          }}
        />
      </div>
      {names.parts.includes(part) ? (
        <FactForm
          key={part}
          name={`part ${part}`}
          spec={PART}
          said={flat(was)}
          names={names}
          looked={looked}
          painted={painted}
          onLook={() => {
            choose(part);
            look(true);
          }}
          onLit={onLit}
          onSave={save}
        />
      ) : (
        <p className={ink['quiet']}>Pick a part on the board, or type its name.</p>
      )}
    </>
  );
}
