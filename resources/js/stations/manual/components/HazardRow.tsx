import { useEffect, useRef, useState } from 'react';
import type { Safety } from '@/shared/api';
import { useKit } from '@/shared/kit';

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
    <li className={question.applies ? 'applies' : ''}>
      <div>
        <b>{question.question}</b>
        {question.shown.map((text) => (
          <small key={text}>{text}</small>
        ))}
        {question.why !== '' && <small>You say no: {question.why}</small>}
      </div>
      <span className="state">{sign}</span>
      <span className="seg" role="group" aria-label={question.question}>
        <button
          type="button"
          aria-pressed={question.answer === 'yes'}
          disabled={!kit.mayEdit || kit.saving}
          onClick={() => void answer(question.answer === 'yes' ? null : true)}
        >
          Yes
        </button>
        <button
          type="button"
          aria-pressed={question.answer === 'no'}
          disabled={!kit.mayEdit || kit.saving}
          onClick={() => {
            if (question.answer === 'no') void answer(null);
            else no();
          }}
        >
          No
        </button>
      </span>
      {asking && (
        <form
          className="whyno"
          onSubmit={(event) => {
            event.preventDefault();
            void saveWhy();
          }}
        >
          <label>
            Why not, though it shows?
            <input
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
          <button type="submit" className="btn pri" disabled={kit.saving || why.trim() === ''}>
            Save
          </button>
        </form>
      )}
    </li>
  );
}
