import { useEffect, useRef, useState } from 'react';
import { useMarkings, type Change, type PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import type { Column } from '../model';

type Props = { line: PartLine; column: Column; onDone: () => void };

const SUPPLIES = ['kit', 'optional', 'alternative', 'not-fitted', 'factory', 'builder', 'loose'] as const;

/** A cell while it is edited: text stays text until Enter or leaving the field; Escape drops it. */
export function Cell({ line, column, onDone }: Props) {
  const kit = useKit();
  const field = useRef<HTMLInputElement & HTMLSelectElement>(null);
  const start = column === 'height' ? (line.height === null ? '' : String(line.height)) : column === 'supply' ? line.supply : line.text;
  const [text, setText] = useState<string>(start);
  const [fault, setFault] = useState('');
  const done = useRef(false);
  const echo = useMarkings(column === 'value' && text !== start ? text.trim() : '');
  useEffect(() => {
    field.current?.focus();
    if (column !== 'supply') field.current?.select();
  }, [column]);
  const changes = (): readonly Change[] | null => {
    if (column === 'value') return [{ type: 'cell', target: String(line.row), field: 'value', value: text.trim() }];
    if (column === 'supply') return line.designators.map((name) => ({ type: 'line', target: name, field: 'supply', value: text }));
    const number = Number(text.trim().replace(',', '.'));
    if (text.trim() !== '' && !(number > 0 && number < 300)) return null;
    return line.designators.map((name) => ({ type: 'line', target: name, field: 'height', value: text.trim() === '' ? null : number }));
  };
  const commit = async () => {
    if (done.current) return;
    if (text === start) {
      done.current = true;
      onDone();
      return;
    }
    const wanted = changes();
    if (!wanted) {
      setFault('a height in mm, above 0 and below 300');
      return;
    }
    done.current = true;
    await kit.save(wanted);
    onDone();
  };
  const unit = line.unit;
  const reading = echo.data?.readings.find((each) => unit === null || each.unit === unit);
  const common = {
    ref: field,
    className: 'celledit',
    'aria-label': `${column} of ${line.designators.join(' ')}`,
    value: text,
    onBlur: () => void commit(),
    onKeyDown: (event: { key: string; stopPropagation: () => void }) => {
      event.stopPropagation();
      if (event.key === 'Enter') void commit();
      if (event.key === 'Escape') {
        done.current = true;
        onDone();
      }
    },
  };
  if (column === 'supply') {
    return (
      <select {...common} onChange={(event) => { setText(event.target.value); }}>
        {SUPPLIES.map((word) => <option key={word} value={word}>{word}</option>)}
      </select>
    );
  }
  return (
    <span className="cellbox">
      <input {...common} onChange={(event) => { setText(event.target.value); setFault(''); }} />
      {(fault !== '' || reading) && <span className={fault === '' ? 'echo' : 'echo bad'} role="status">{fault === '' ? `reads ${reading?.display ?? ''}` : fault}</span>}
    </span>
  );
}
