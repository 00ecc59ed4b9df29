import { useEffect, useRef, useState } from 'react';
import { useMarkings, type Change, type PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import type { Column } from '../model';
import { Input } from '@/shared/ui';
import styles from './parts.module.css';

type Props = { line: PartLine; column: Column; onDone: () => void };

/** A cell while it is edited: text stays text until Enter or leaving the field; Escape drops it. */
export function Cell({ line, column, onDone }: Props) {
  const kit = useKit();
  const field = useRef<HTMLInputElement>(null);
  const start = column === 'height' ? (line.height === null ? '' : String(line.height)) : line.text;
  const [text, setText] = useState<string>(start);
  const done = useRef(false);
  const echo = useMarkings(column === 'value' && text !== start ? text.trim() : '');
  useEffect(() => {
    field.current?.focus();
    field.current?.select();
  }, []);
  const changes = (): readonly Change[] => {
    if (column === 'value') return [{ type: 'cell', target: String(line.row), field: 'value', value: text.trim() }];
    return line.designators.map((name) => ({
      type: 'line',
      target: name,
      field: 'height',
      value: text.trim() === '' ? null : text.trim(),
    }));
  };
  const commit = async () => {
    if (done.current) return;
    if (text === start) {
      done.current = true;
      onDone();
      return;
    }
    done.current = true;
    // After a refusal the field stays open with the words in it.
    if ((await kit.save(changes())) === 'refused') done.current = false;
    else onDone();
  };
  const unit = line.unit;
  const reading = echo.data?.readings.find((each) => unit === null || each.unit === unit);
  return (
    <span className={styles['cellbox']}>
      <Input
        ref={field}
        className={styles['celledit']}
        aria-label={`${column} of ${line.designators.join(' ')}`}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onBlur={() => void commit()}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') void commit();
          if (event.key === 'Escape') {
            done.current = true;
            onDone();
          }
        }}
      />
      {reading && (
        <span className={styles['echo']} role="status">
          reads {reading.display}
        </span>
      )}
      {column === 'height' && text !== start && (
        <span className={styles['echo']} role="status">
          mm, or with its unit: 0.3 in
        </span>
      )}
    </span>
  );
}
