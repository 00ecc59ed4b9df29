import { useState } from 'react';
import type { Scale } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, TextArea } from '@/shared/ui';
import { names } from '../model';
import { handful, weighingRows, weighingText } from '../weighings';
import ink from '@/shared/style/ink.module.css';
import styles from './bags.module.css';

/** What pieces weigh, typed or pasted, a weighing a row; and what to weigh next. */
export function Weighings({ scale }: { scale: Scale }) {
  const kit = useKit();
  const kept = weighingText(scale.weighings);
  const [text, setText] = useState<string | null>(null);
  const { rows, wrong } = weighingRows(text ?? kept);
  const lines = scale.bags.flatMap((bag) => bag.proof);
  const advice = [...new Set(scale.bags.flatMap((bag) => bag.advice))];
  return (
    <section className={styles['cutsheet']} aria-label="Weighings">
      <h2>Weighings</h2>
      <p className={ink['quiet']}>
        A row for each: part or value, pieces, grams. Weigh five counts of a line, like 10, 10, 20, 20, 40, and its bag
        has a window. <span className={ink['m']}>bag:A, 1, 6.03</span> is a whole counted bag.
      </p>
      <label className={ink['sr']} htmlFor="weighings">
        Weighings
      </label>
      <TextArea
        id="weighings"
        className={styles['sheet']}
        rows={14}
        value={text ?? kept}
        disabled={!kit.mayEdit}
        onChange={(event) => {
          setText(event.target.value);
        }}
      />
      {scale.problems?.map((problem) => (
        <p key={`${String(problem.row)} ${problem.code}`} className={ink['ochre']}>
          ▲ Row {problem.row}: {problem.message}
        </p>
      ))}
      {wrong !== null && (
        <p className={ink['ochre']} role="alert">
          ▲ {wrong}
        </p>
      )}
      {text !== null && text !== kept && (
        <p>
          <Button
            look="primary"
            disabled={wrong !== null || kit.saving}
            onClick={() => {
              void kit
                .save([{ type: 'masses', target: '', field: '', value: rows.length === 0 ? null : rows }])
                .then(() => {
                  setText(null);
                });
            }}
          >
            Keep the weighings
          </Button>{' '}
          <Button
            onClick={() => {
              setText(null);
            }}
          >
            As they were
          </Button>
        </p>
      )}
      {lines.length > 0 && (
        <>
          <h2>Handfuls</h2>
          <p className={ink['quiet']}>
            Taken from the bin in one weighing and dealt out: so many kits’ pieces are counted right 999 times of 1,000.
          </p>
          <ul className={styles['handfuls']}>
            {lines.map((line) => (
              <li key={line.designators.join(' ')}>
                <span className={ink['m']}>{names(line.designators) || 'a line without a place'}</span>
                <span>{line.pieces} a kit</span>
                <span>{handful(line.handful)}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {advice.length > 0 && (
        <ul className={styles['advice']}>
          {advice.slice(0, 8).map((line) => (
            <li key={line}>{line}</li>
          ))}
          {advice.length > 8 && <li className={ink['quiet']}>and {advice.length - 8} more</li>}
        </ul>
      )}
    </section>
  );
}
