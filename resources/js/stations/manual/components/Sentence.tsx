import type { ManualStep } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, OwnWords } from '@/shared/ui';
import styles from './manual.module.css';

type Props = { sentence: NonNullable<ManualStep['sentences']>[number] };

/** A sentence of technique: written once, it reads the same at every step that says it. */
export function Sentence({ sentence }: Props) {
  const kit = useKit();
  const target = `sentence.${sentence.code}`;
  return (
    <div className={styles['sentence']}>
      <p>{sentence.text}</p>
      {kit.mayEdit && (
        <OwnWords
          name={`${String(kit.id)} ${target}`}
          label="this sentence, at every step"
          hint="What stands in braces is filled in at each step."
          empty=""
          text={sentence.template}
          rows={3}
          disabled={kit.saving}
          onSave={async (value) => (await kit.save([{ type: 'words', target, field: '', value }])) !== 'refused'}
        />
      )}
      {kit.mayEdit && sentence.own && (
        <Button look="link" onClick={() => void kit.save([{ type: 'words', target, field: '', value: null }])}>
          back to the usual words
        </Button>
      )}
    </div>
  );
}
