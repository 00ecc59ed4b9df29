import { Link } from 'react-router';
import { usePartOfKit, type PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';

/** What the library says of the part: its number and the note on look-alikes. */
export function FromLibrary({ line }: { line: PartLine }) {
  const kit = useKit();
  const part = usePartOfKit(kit.id, line.designators[0] ?? '').data;
  if (!part) return null;
  return (
    <p className="fromlibrary small">
      <Link to={`/library?part=${encodeURIComponent(part.fingerprint)}`}>In the library</Link>
      {part.number && (
        <>
          : <b className="m">{part.number}</b>
        </>
      )}
      {part.note !== '' && <span className="quiet"> {part.note}</span>}
    </p>
  );
}
