import { Input } from './Input';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';

type Props = { id: string; label: string; placeholder: string; value: string; onChange: (value: string) => void };

/** The field above a list that narrows it by letters; its label is read out, not shown. */
export function FilterField({ id, label, placeholder, value, onChange }: Props) {
  return (
    <>
      <label className={ink['sr']} htmlFor={id}>
        {label}
      </label>
      <Input
        id={id}
        className={clsx(ui['filter'], ui['wide'])}
        placeholder={placeholder}
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      />
    </>
  );
}
