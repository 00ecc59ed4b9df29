import { useEffect, useRef, useState } from 'react';
import type { Safety } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input, Segment, Segments } from '@/shared/ui';
import styles from './manual.module.css';

type Question = Safety['questions'][number];

/** One question: yes prints its caution; no asks why, where the parts show otherwise. */
export function HazardRow({ question }: { question: Question }) {
  const kit = useKit();
  const [why, setWhy] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  const asking = why !== null;
  useEffect(() => {
    if (asking) field.current?.focus();
  }, [asking]);
  const answer = (value: boolean | string | null) =>
    kit.save([{ type: 'hazard', target: question.hazard, field: '', value }]);
  const no = () => {
    if (question.shown.length > 0) setWhy(question.why);
    else void answer(false);
  };
  const saveWhy = async () => {
    if (why !== null && (await answer(why)) !== 'refused') setWhy(null);
  };
  const sign = question.applies ? '▲ caution printed' : question.answer === 'no' ? '■ no' : '';
  return (
    <li className={question.applies ? styles['applies'] : ''}>
      <div>
        <b>{question.question}</b>
        {question.shown.map((text) => (
          <small key={text}>{text}</small>
        ))}
        {question.why !== '' && <small>You say no: {question.why}</small>}
      </div>
      <span className={styles['state']}>{sign}</span>
      <Segments label={question.question}>
        <Segment
          pressed={question.answer === 'yes'}
          disabled={!kit.mayEdit || kit.saving}
          onPress={() => void answer(question.answer === 'yes' ? null : true)}
        >
          Yes
        </Segment>
        <Segment
          pressed={question.answer === 'no'}
          disabled={!kit.mayEdit || kit.saving}
          onPress={() => {
            if (question.answer === 'no') void answer(null);
            else no();
          }}
        >
          No
        </Segment>
      </Segments>
      {asking && (
        <form
          className={styles['whyno']}
          onSubmit={(event) => {
            event.preventDefault();
            void saveWhy();
          }}
        >
          <label>
            Why not, though it shows?
            <Input
              ref={field}
              value={why}
              maxLength={300}
              onChange={(event) => {
                setWhy(event.target.value);
              }}
              onKeyDown={(event) => {
                event.stopPropagation();
                if (event.key === 'Escape') setWhy(null);
              }}
            />
          </label>
          <Button type="submit" look="primary" disabled={kit.saving || why.trim() === ''}>
            Save
          </Button>
        </form>
      )}
    </li>
  );
}
