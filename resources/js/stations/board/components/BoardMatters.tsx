import { useState } from 'react';
import type { Change } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './board-station.module.css';

/** Matters shown before somebody asks for all: a whole number of them, none cut. */
const FIRST = 2;

/** Names that the board has and the list has not. */
const STRANGERS: readonly string[] = ['board.stray-placement', 'board.net-stranger'];

/** Says that a part is not in the kit on purpose; one that the list has not gets its row first. */
const absent = (name: string, unlisted: boolean): Change[] => [
  ...(unlisted ? [{ type: 'row', target: '', field: '', value: { designator: name } } as const] : []),
  { type: 'line', target: name, field: 'supply', value: 'not-fitted' },
];

/** What of the board does not match, the heaviest first. */
export function BoardMatters() {
  const kit = useKit();
  const [all, showAll] = useState(false);
  const here = kit.header.matters.filter((matter) => matter.station === 'board');
  if (here.length === 0) return null;
  return (
    <div className={styles['boardmatters']}>
      <ul className={styles['mismatches']} aria-label="What does not match">
        {(all ? here : here.slice(0, FIRST)).map((matter) => (
          <li key={matter.message} className={matter.severity === 'note' ? ink['quiet'] : ink['ochre']}>
            {matter.severity === 'block' ? '■ ' : matter.severity === 'warn' ? '▲ ' : '· '}
            {matter.designators[0] ? (
              <Button
                look="link"
                onClick={() => {
                  kit.select(matter.designators[0] ?? null);
                }}
              >
                {matter.designators.join(' ')}
              </Button>
            ) : null}{' '}
            {matter.message}
            {(matter.code === 'board.no-placement' || STRANGERS.includes(matter.code)) && kit.mayEdit && (
              <>
                {' '}
                <Button
                  look="link"
                  disabled={kit.saving}
                  onClick={() => {
                    void kit.save(matter.designators.flatMap((name) => absent(name, STRANGERS.includes(matter.code))));
                  }}
                >
                  not in this kit, on purpose
                </Button>
              </>
            )}
          </li>
        ))}
        {here.length > FIRST && (
          <li>
            <Button
              look="link"
              aria-expanded={all}
              onClick={() => {
                showAll(!all);
              }}
            >
              {all ? 'fewer' : `${String(here.length - FIRST)} more`}
            </Button>
          </li>
        )}
      </ul>
    </div>
  );
}
