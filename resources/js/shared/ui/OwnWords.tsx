import { useEffect, useRef, useState } from 'react';

type Props = {
  label: string;
  text: string;
  empty: string;
  hint?: string;
  rows?: number;
  disabled: boolean;
  onSave: (text: string | null) => Promise<boolean>;
};

/** A text of the maker's own, written in place: saved as a whole, taken away by emptying it. */
export function OwnWords({ label, text, empty, hint, rows = 6, disabled, onSave }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
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
      <button
        type="button"
        className="btn link"
        disabled={disabled}
        onClick={() => {
          setDraft(text);
        }}
      >
        {text === '' ? empty : `edit ${label}`}
      </button>
    );
  }
  return (
    <div className="ownwords">
      <label>
        {label}
        <textarea
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
      {hint !== undefined && <p className="quiet">{hint}</p>}
      <p>
        <button type="button" className="btn pri" disabled={disabled} onClick={() => void save()}>
          Save
        </button>{' '}
        <button
          type="button"
          className="btn"
          onClick={() => {
            setDraft(null);
          }}
        >
          Leave
        </button>
      </p>
    </div>
  );
}
