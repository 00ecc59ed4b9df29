import { useState } from 'react';
import type { PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, KINDS, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

/** Asks what a line is, once; the answer is kept with the part. */
export function Question({ line }: { line: PartLine }) {
  const kit = useKit();
  const [other, setOther] = useState(false);
  const answer = (kind: string) => {
    void kit.save([{ type: 'line', target: line.designators[0] ?? '', field: 'kind', value: kind }]);
  };
  const name = (kind: string) => KINDS.find((each) => each.id === kind)?.name ?? kind;
  return (
    <section className={styles['question']} aria-label="Question">
      <h2>
        <span className={ink['ochre']}>1 question</span>{' '}
        <span className={clsx(ink['m'], styles['m'])}>
          {line.designators.filter((ref) => !ref.startsWith('~')).join(' ')}
        </span>{' '}
        {[line.text, line.package, line.description].filter((word) => word !== '').join(', ') || 'no words in the row'}
      </h2>
      <p>What is it? The letters alone fit several kinds.</p>
      <div className={styles['answers']}>
        {line.candidates.slice(0, 6).map((kind) => (
          <Button
            key={kind}

            disabled={!kit.mayEdit || kit.saving}
            onClick={() => {
              answer(kind);
            }}
          >
            {name(kind)}
          </Button>
        ))}
        {other || line.candidates.length === 0 ? (
          <Select
            aria-label="Another kind"
            className={clsx(ui['filter'], styles['filter'])}
            defaultValue=""
            disabled={!kit.mayEdit}
            onChange={(event) => {
              answer(event.target.value);
            }}
          >
            <option value="" disabled>
              Choose a kind
            </option>
            {KINDS.map((kind) => (
              <option key={kind.id} value={kind.id}>
                {kind.name}
              </option>
            ))}
          </Select>
        ) : (
          <Button
            look="link"
            onClick={() => {
              setOther(true);
            }}
          >
            Something else
          </Button>
        )}
      </div>
      <p className={clsx(ink['quiet'], ink['small'])}>
        Asked once. The answer is kept with the part and used in every kit.
      </p>
    </section>
  );
}
