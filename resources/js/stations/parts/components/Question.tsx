import { useState } from 'react';
import type { PartLine } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, KINDS, Select } from '@/shared/ui';

/** Asks what a line is, once; the answer is kept with the part. */
export function Question({ line }: { line: PartLine }) {
  const kit = useKit();
  const [other, setOther] = useState(false);
  const answer = (kind: string) => {
    void kit.save([{ type: 'line', target: line.designators[0] ?? '', field: 'kind', value: kind }]);
  };
  const name = (kind: string) => KINDS.find((each) => each.id === kind)?.name ?? kind;
  return (
    <section className="question" aria-label="Question">
      <h2>
        <span className="ochre">1 question</span>{' '}
        <span className="m">{line.designators.filter((ref) => !ref.startsWith('~')).join(' ')}</span>{' '}
        {[line.text, line.package, line.description].filter((word) => word !== '').join(', ') || 'no words in the row'}
      </h2>
      <p>What is it? The letters alone fit several kinds.</p>
      <div className="answers">
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
            className="filter"
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
      <p className="quiet small">Asked once. The answer is kept with the part and used in every kit.</p>
    </section>
  );
}
