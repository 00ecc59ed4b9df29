import { useState, type SyntheticEvent } from 'react';
import type { PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

const NOTHING: NonNullable<PartLine['substitutes']> = { allowed: [], forbidden: [], warnings: [], dependents: [] };
const LISTS = ['allowed', 'forbidden'] as const;

/** What may stand in for a part, what may not, and what depends on it. */
export function Substitutes({ line }: { line: PartLine }) {
  const kit = useKit();
  const [text, setText] = useState('');
  const said = line.substitutes ?? NOTHING;
  const save = (next: { allowed: readonly string[]; forbidden: readonly string[] }) => {
    const value =
      next.allowed.length + next.forbidden.length === 0
        ? null
        : { allowed: [...next.allowed], forbidden: [...next.forbidden] };
    return kit.save(line.designators.map((name) => ({ type: 'line', target: name, field: 'substitutes', value })));
  };
  const add = (list: (typeof LISTS)[number]) => async (event: SyntheticEvent) => {
    event.preventDefault();
    if (text.trim() === '') return;
    if (
      (await save({ ...said, [list]: [...said[list].filter((each) => each !== text.trim()), text.trim()] })) === 'saved'
    )
      setText('');
  };
  return (
    <details className={styles['more']}>
      <summary>
        Substitutes
        {said.allowed.length + said.forbidden.length === 0
          ? ''
          : `: ${[...said.allowed, ...said.forbidden.map((each) => `not ${each}`)].join(', ')}`}
      </summary>
      {LISTS.map(
        (list) =>
          said[list].length > 0 && (
            <p key={list}>
              {list === 'allowed' ? 'may be replaced by ' : 'never by '}
              {said[list].map((each) => (
                <span key={each} className={styles['tag']}>
                  <span className={clsx(ink['m'], styles['m'])}>{each}</span>
                  {kit.mayEdit && (
                    <Button
                      look="link"
                      aria-label={`Remove ${each}`}
                      disabled={kit.saving}
                      onClick={() => void save({ ...said, [list]: said[list].filter((other) => other !== each) })}
                    >
                      ×
                    </Button>
                  )}
                </span>
              ))}
            </p>
          ),
      )}
      {kit.mayEdit && (
        <form className={styles['facts']} onSubmit={(event) => void add('allowed')(event)}>
          <label className={ink['sr']} htmlFor="substitute">
            another value
          </label>
          <Input
            id="substitute"
            className={clsx(ui['filter'], styles['filter'])}
            placeholder="another value"
            value={text}
            maxLength={60}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
          <Button type="submit" disabled={kit.saving}>
            Will do
          </Button>
          <Button disabled={kit.saving} onClick={(event) => void add('forbidden')(event)}>
            Will not do
          </Button>
        </form>
      )}
      {said.warnings.map((reason) => (
        <p key={reason.code} className={ink['ochre']}>
          ▲ {reason.text}
        </p>
      ))}
      <p className={ink['quiet']}>
        {said.dependents.length === 0
          ? 'Does it matter? Nothing measured, selected or declared depends on it: the same kind, rating and body will do.'
          : 'Does it matter? Yes:'}
      </p>
      {said.dependents.length > 0 && (
        <ul className={ui['why']}>
          {said.dependents.map((reason) => (
            <li key={reason.text}>
              <span>{reason.text}</span>
              <span className={ui['origin']}>{reason.origin}</span>
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
