import { useRef, useState, type DragEvent, type ReactNode } from 'react';
import { droppedFiles } from './droppedFiles';
import { pastedTable } from './pastedTable';
import { usePaste } from './usePaste';
import ui from '@/shared/ui/ui.module.css';

type Props = { label: string; onFiles: (files: File[]) => void; children: ReactNode };

/** Takes files dropped anywhere inside, and tables pasted from a spreadsheet. */
export function DropZone({ label, onFiles, children }: Props) {
  const [over, setOver] = useState(false);
  const depth = useRef(0);
  usePaste((text) => {
    const table = pastedTable(text);
    if (table) onFiles([table]);
    return table !== null;
  });
  const carries = (event: DragEvent) => event.dataTransfer.types.includes('Files');
  return (
    // Dropping is a short cut; the same is reached by keyboard through the file buttons.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      className={ui['dropzone']}
      onDragEnter={(event) => {
        if (!carries(event)) return;
        depth.current += 1;
        setOver(true);
      }}
      onDragOver={(event) => {
        if (carries(event)) event.preventDefault();
      }}
      onDragLeave={(event) => {
        if (!carries(event)) return;
        depth.current -= 1;
        if (depth.current <= 0) setOver(false);
      }}
      onDrop={(event) => {
        if (!carries(event)) return;
        event.preventDefault();
        depth.current = 0;
        setOver(false);
        void droppedFiles(event.dataTransfer).then((files) => {
          if (files.length > 0) onFiles(files);
        });
      }}
    >
      {children}
      {over && <div className={ui['dropveil']}>{label}</div>}
    </div>
  );
}
