import { useEffect, useRef } from 'react';
import { useKeptText } from '@/shared/keep';
import { Button } from './Button';
import { TextArea } from './TextArea';
import styles from './OwnWords.module.css';
import ink from '@/shared/style/ink.module.css';

type Props = {
  /** of what the words are, one name in the whole shop */ name: string;
  label: string;
  text: string;
  empty: string;
  hint?: string;
  rows?: number;
  disabled: boolean;
  onSave: (text: string | null) => Promise<boolean>;
};

/** A text of the maker's own, written in place: saved as a whole, taken away by emptying it. */
export function OwnWords({ name, label, text, empty, hint, rows = 6, disabled, onSave }: Props) {
  const [draft, setDraft] = useKeptText(`own ${name}`);
  const field = useRef<HTMLTextAreaElement>(null);
  const open = draft !== null;
  useEffect(() => {
    if (open) field.current?.focus();
  }, [open]);
  const save = async () => {
    if (draft === null) return;
    if (draft.trim() === text.trim() || (await onSave(draft.trim() === '' ? null : draft.trim()))) setDraft(null);
  };
  if (draft === null) {
    return (
      <Button
        look="link"
        disabled={disabled}
        onClick={() => {
          setDraft(text);
        }}
      >
        {text === '' ? empty : `edit ${label}`}
      </Button>
    );
  }
  return (
    <div className={styles['ownwords']}>
      <label>
        {label}
        <TextArea
          ref={field}
          rows={rows}
          value={draft}
          maxLength={8000}
          onChange={(event) => {
            setDraft(event.target.value);
          }}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Escape') setDraft(null);
          }}
        />
      </label>
      {hint !== undefined && <p className={ink['quiet']}>{hint}</p>}
      <p>
        <Button look="primary" disabled={disabled} onClick={() => void save()}>
          Save
        </Button>{' '}
        <Button
          onClick={() => {
            setDraft(null);
          }}
        >
          Leave
        </Button>
      </p>
    </div>
  );
}
