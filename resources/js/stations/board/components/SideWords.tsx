import type { BoardFiles } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './board-files.module.css';

/** Words of a placement file that are no side in a language known here: each is asked once and kept for the next kit. */
export function SideWords({ words }: { words: BoardFiles['sideWords'] }) {
  const kit = useKit();
  return (words ?? []).map(({ word, count }) => (
    <p key={word} className={styles['ask']}>
      <span className={ink['ochre']}>
        ▲ “{word}” stands for the side in {count} {count === 1 ? 'row' : 'rows'}.
      </span>{' '}
      {(['top', 'bottom'] as const).map((side) => (
        <Button
          key={side}
          disabled={!kit.mayEdit || kit.saving}
          onClick={() => {
            void kit.save([{ type: 'side-word', target: word, field: '', value: side }]);
          }}
        >
          It is the {side}
        </Button>
      ))}
    </p>
  ));
}
