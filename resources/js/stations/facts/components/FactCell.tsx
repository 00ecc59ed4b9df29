import type { Facts } from '@/shared/api';
import { Input, PartsField, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import { isNamed, NAMED, type Cell } from '../spec';

type Props = {
  cell: Cell;
  /** names it to those who do not see the column */ label: string;
  names: Facts;
  value: string;
  disabled: boolean;
  onLook: () => void;
  onChange: (text: string) => void;
};

/** One cell of a fact: a part is chosen from those of the kit, a board from its boards, all else is typed. */
export function FactCell({ cell, label, names, value, disabled, onLook, onChange }: Props) {
  if (isNamed(cell.kind)) {
    return (
      <PartsField
        label={label}
        names={names[NAMED[cell.kind].of]}
        called={names.called}
        several={NAMED[cell.kind].several}
        commas={cell.kind === 'blocks'}
        value={value}
        fixed={disabled}
        onFocus={onLook}
        onChange={onChange}
      />
    );
  }
  if (cell.kind === 'choice' || cell.kind === 'yes') {
    const choices = cell.choices ?? ([['yes', 'yes']] as const);
    return (
      <Select
        aria-label={label}
        value={value}
        disabled={disabled}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      >
        {choices.every(([each]) => each !== '') && <option value="">{cell.kind === 'yes' ? 'no' : 'not said'}</option>}
        {choices.map(([each, text]) => (
          <option key={each} value={each}>
            {text}
          </option>
        ))}
      </Select>
    );
  }
  return (
    <Input
      className={clsx(ui['filter'], ui['wide'])}
      aria-label={label}
      autoComplete="off"
      placeholder={disabled ? '' : cell.hint}
      maxLength={300}
      value={value}
      readOnly={disabled}
      onFocus={onLook}
      onChange={(event) => {
        onChange(event.target.value);
      }}
    />
  );
}
