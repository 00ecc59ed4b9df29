import { useState } from 'react';
import { Input } from '@/shared/ui';
import { percentOf, shareOf } from '../price';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';

type Props = {
  name: string;
  label: string;
  form: 'share' | 'number';
  value: string;
  isSaid: boolean;
  disabled: boolean;
  onSay: (value: string) => void;
};

/** One fact of the costs: kept when the field is left or Enter is pressed; what nobody said is shown as usual. */
export function FactField({ name, label, form, value, isSaid, disabled, onSay }: Props) {
  const shown = form === 'share' ? percentOf(value) : value;
  const [text, setText] = useState(shown);
  const [fault, setFault] = useState<string | null>(null);
  const keep = () => {
    if (text.trim() === shown) return;
    const said = form === 'share' ? shareOf(text) : text.trim();
    if (said === null || (form === 'number' && !/^\d{1,6}(?:[.,]\d{1,4})?$/.test(said))) {
      setFault(form === 'share' ? 'Write 0 to 99.99.' : 'Write a number like 4.50.');
      return;
    }
    setFault(null);
    onSay(said);
  };
  return (
    <div className={ui['field']}>
      <label htmlFor={`fact-${name}`}>
        {label} {!isSaid && <span className={ink['ochre']}>usual, nobody said it</span>}
      </label>
      <Input
        id={`fact-${name}`}
        inputMode="decimal"
        value={text}
        disabled={disabled}
        aria-invalid={fault !== null}
        onChange={(event) => {
          setText(event.target.value);
        }}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
        }}
      />
      {fault !== null && <span className={ui['wrong']}>{fault}</span>}
    </div>
  );
}
