import { useState } from 'react';
import { useScaleLines } from '@/shared/api';
import { Button, TextArea } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './shop.module.css';

type Props = { unit: string; stable: string; onTake: (unit: string, stable: string | null) => void };

const MOST = 50;

/** Some lines of the maker's own scale: where the number stands, its unit, and the sign of standing still are proposed from them. */
export function ScaleLines({ unit, stable, onTake }: Props) {
  const [text, setText] = useState('');
  const lines = text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .slice(0, MOST)
    .map((line) => line.slice(0, 80));
  const read = useScaleLines(lines);
  const proposed = read.data;
  return (
    <div className={styles['scalelines']}>
      <p className={ink['quiet']}>
        Its lines: numbers in {unit}, {signWords(stable === '' ? null : stable)}. Another scale: paste ten lines that it
        sends, some while a hand is on it, some while it stands.
      </p>
      <label htmlFor="scale-lines">lines of your scale</label>
      <TextArea
        id="scale-lines"
        rows={4}
        className={ink['m']}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
      />
      {proposed && lines.length > 0 && (
        <>
          <ol aria-label="What is read">
            {proposed.lines.map(({ line, grams, stable: stands }, at) => (
              <li key={at} className={clsx(grams === null && ink['ochre'])}>
                <span className={ink['m']}>{line}</span>{' '}
                {grams === null ? '▲ no reading' : `${String(Number(grams.toFixed(4)))} g${stands ? ', stands' : ''}`}
              </li>
            ))}
          </ol>
          {proposed.unit === null ? (
            <p className={ink['ochre']}>▲ Too few lines with a number: paste three at least.</p>
          ) : (
            <p>
              Numbers in {proposed.unit}, {signWords(proposed.stable)}.{' '}
              <Button
                onClick={() => {
                  onTake(proposed.unit ?? 'g', proposed.stable);
                  setText('');
                }}
              >
                Read it so
              </Button>
            </p>
          )}
        </>
      )}
    </div>
  );
}

/** By what the scale says that it stands still. */
function signWords(stable: string | null): string {
  if (stable === null) return 'and it does not say when it stands still';
  return stable === '=' ? 'standing still where nothing else is written' : `standing still at “${stable.slice(1)}”`;
}
