import { useEffect, useState } from 'react';
import type { ChangeField, PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Input, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

const LEGENDS: Readonly<Record<string, string>> = {
  designator: 'the designator',
  value: 'the value',
  both: 'both',
  outline: 'an outline alone',
  nothing: 'nothing',
};

type Field = 'prints' | 'usedAt';

/** What the board prints at the place; of hardware and loose parts, what they go in with. */
export function BoardPrint({ line }: { line: PartLine }) {
  const kit = useKit();
  const save = (field: ChangeField<'line'>, value: string) =>
    kit.save(
      line.designators.map((name) => ({ type: 'line', target: name, field, value: value === '' ? null : value })),
    );
  return (
    <div className={styles['facts']}>
      {line.supply === 'loose' || line.outline === 'none' ? (
        <Text
          key={`${line.designators.join()} usedAt`}
          label="used at"
          hint="a part, wire, gate or test"
          start={line.usedAt}
          field="usedAt"
          onSave={save}
        />
      ) : (
        <>
          <label htmlFor="line-legend">the board prints</label>
          <Select
            id="line-legend"
            className={clsx(ui['filter'], styles['filter'])}
            value={line.legend ?? ''}
            disabled={!kit.mayEdit || kit.saving}
            onChange={(event) => void save('legend', event.target.value)}
          >
            <option value="">
              {line.legendRead === null ? 'not said' : `${LEGENDS[line.legendRead] ?? line.legendRead} (read)`}
            </option>
            {Object.entries(LEGENDS).map(([word, text]) => (
              <option key={word} value={word}>
                {text}
              </option>
            ))}
          </Select>
          {(line.legend === 'value' || line.legend === 'both' || line.prints !== '') && (
            <Text
              key={`${line.designators.join()} prints`}
              label="as"
              hint="word for word"
              start={line.prints}
              field="prints"
              onSave={save}
            />
          )}
        </>
      )}
    </div>
  );
}

function Text({
  label,
  hint,
  start,
  field,
  onSave,
}: {
  label: string;
  hint: string;
  start: string;
  field: Field;
  onSave: (field: ChangeField<'line'>, value: string) => Promise<unknown>;
}) {
  const kit = useKit();
  const [text, setText] = useState(start);
  useEffect(() => {
    setText(start);
  }, [start]);
  const commit = () => {
    if (text.trim() !== start) void onSave(field, text.trim());
  };
  return (
    <>
      <label htmlFor={`line-${field}`}>{label}</label>
      <Input
        id={`line-${field}`}
        className={clsx(ui['filter'], styles['filter'])}
        placeholder={hint}
        value={text}
        maxLength={60}
        disabled={!kit.mayEdit}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onBlur={commit}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') setText(start);
        }}
      />
    </>
  );
}
