import { usePartOfKit, type PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './parts.module.css';
import { TextLink } from '@/shared/ui';

/** What the library says of the part: its number and the note on look-alikes. */
export function FromLibrary({ line }: { line: PartLine }) {
  const kit = useKit();
  const part = usePartOfKit(kit.id, line.designators[0] ?? '').data;
  if (!part) return null;
  return (
    <p className={ink['small']}>
      <TextLink to={`/library?part=${encodeURIComponent(part.fingerprint)}`}>In the library</TextLink>
      {part.number && (
        <>
          : <b className={clsx(ink['m'], styles['m'])}>{part.number}</b>
        </>
      )}
      {part.note !== '' && <span className={ink['quiet']}> {part.note}</span>}
    </p>
  );
}
