import type { ManualDocument } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { OwnWords } from '@/shared/ui';
import styles from './manual.module.css';

type Place = 'intro' | 'before' | 'use';

const PLACES: Readonly<Record<Place, { label: string; empty: string }>> = {
  intro: { label: 'the introduction', empty: 'Write an introduction' },
  before: { label: 'what comes before the steps', empty: 'Write something before the steps' },
  use: { label: 'what comes after the steps', empty: 'Write how it is used' },
};

/** A part of the manual that its maker writes, in Markdown; shown as it prints. */
export function OwnText({ manual, place }: { manual: ManualDocument; place: Place }) {
  const kit = useKit();
  const text = (manual.texts ?? []).find((each) => each.place === place);
  return (
    <div className={styles['owntext']}>
      {text && <div dangerouslySetInnerHTML={{ __html: text.html }} />}
      {kit.mayEdit && (
        <OwnWords
          name={`${String(kit.id)} text.${place}`}
          {...PLACES[place]}
          text={text?.markdown ?? ''}
          disabled={kit.saving}
          onSave={async (value) =>
            (await kit.save([{ type: 'words', target: `text.${place}`, field: '', value }])) !== 'refused'
          }
        />
      )}
    </div>
  );
}
