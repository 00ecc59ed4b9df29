import { Input } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';

type Props = { id: string; label: string; note: string; onNote: (note: string) => void };

/** Why something was done, for the book. */
export function NoteField({ id, label, note, onNote }: Props) {
  return (
    <div className={ui['field']}>
      <label htmlFor={id}>{label}</label>
      <Input
        id={id}
        value={note}
        maxLength={160}
        onChange={(event) => {
          onNote(event.target.value);
        }}
      />
    </div>
  );
}
