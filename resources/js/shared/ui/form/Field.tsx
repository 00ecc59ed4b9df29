import type { ReactNode } from 'react';
import { type FieldValues, type Path, type UseFormReturn } from 'react-hook-form';
import { clsx } from 'clsx';
import { Input } from '../Input';
import { Select } from '../Select';
import { TextArea } from '../TextArea';
import ui from '../ui.module.css';

type Common<W extends FieldValues> = {
  form: UseFormReturn<W>;
  name: Path<W>;
  id: string;
  label: ReactNode;
  disabled?: boolean;
  className?: string | undefined;
};
type Line<W extends FieldValues> = Common<W> & {
  type?: string;
  placeholder?: string;
  autoComplete?: string;
  maxLength?: number;
  control?: string | undefined;
};
type Lines<W extends FieldValues> = Common<W> & { rows?: number; maxLength?: number };
type Choice<W extends FieldValues> = Common<W> & {
  choices: readonly (readonly [id: string, name: string])[];
  /** shown while nothing is chosen; it cannot be chosen again */ ask?: string;
};

/** One line of a form: its label, the field, and what is wrong with it right under it. */
export function TextField<W extends FieldValues>(props: Line<W>) {
  const { form, name, id, type = 'text', placeholder, autoComplete = 'off', maxLength, control, disabled } = props;
  return (
    <Around {...props}>
      {(said) => (
        <Input
          id={id}
          type={type}
          placeholder={placeholder}
          autoComplete={autoComplete}
          maxLength={maxLength}
          className={control}
          disabled={disabled}
          {...said}
          {...form.register(name)}
        />
      )}
    </Around>
  );
}

export function LinesField<W extends FieldValues>(props: Lines<W>) {
  const { form, name, id, rows = 3, maxLength, disabled } = props;
  return (
    <Around {...props}>
      {(said) => (
        <TextArea id={id} rows={rows} maxLength={maxLength} disabled={disabled} {...said} {...form.register(name)} />
      )}
    </Around>
  );
}

export function ChoiceField<W extends FieldValues>(props: Choice<W>) {
  const { form, name, id, choices, ask, disabled } = props;
  return (
    <Around {...props}>
      {(said) => (
        <Select id={id} disabled={disabled} {...said} {...form.register(name)}>
          {ask !== undefined && (
            <option value="" disabled>
              {ask}
            </option>
          )}
          {choices.map(([value, text]) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </Select>
      )}
    </Around>
  );
}

type Said = { 'aria-invalid'?: true; 'aria-describedby'?: string };

function Around<W extends FieldValues>({
  form,
  name,
  id,
  label,
  className,
  children,
}: Common<W> & { children: (said: Said) => ReactNode }) {
  const fault = form.getFieldState(name, form.formState).error?.message;
  const saying = `${id}-fault`;
  return (
    <div className={clsx(ui['field'], className)}>
      <label htmlFor={id}>{label}</label>
      {children(fault === undefined ? {} : { 'aria-invalid': true, 'aria-describedby': saying })}
      {fault !== undefined && (
        <p id={saying} className={ui['wrong']} role="alert">
          {fault}
        </p>
      )}
    </div>
  );
}
