import { useRef } from 'react';
import { Button } from './Button';

type Props = { label: string; primary?: boolean; disabled?: boolean; onFiles: (files: File[]) => void };

/** Chooses files by dialog, for those who do not drag. */
export function FileButton({ label, primary = false, disabled = false, onFiles }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button look={primary ? 'primary' : 'plain'} disabled={disabled} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        multiple
        hidden
        aria-label={label}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
    </>
  );
}
