import ui from '@/shared/ui/ui.module.css';
type Props = { id: string; label: string; camera?: boolean; onPhoto: (photo: File | null) => void };

/** Asks for one photograph. A file can only be chosen with the plain element; the library has none of its own. */
export function PhotoField({ id, label, camera = false, onPhoto }: Props) {
  return (
    <div className={ui['field']}>
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        {...(camera ? { capture: 'environment' } : {})}
        onChange={(event) => {
          onPhoto(event.target.files?.[0] ?? null);
        }}
      />
    </div>
  );
}
