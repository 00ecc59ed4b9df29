import { useMemo } from 'react';
import { useSkyline, type Step } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { degrees } from '@/shared/format';
import { useKit } from '@/shared/kit';
import { fittedBefore } from '../model';

/** The board with this step's parts lit, and under it the skyline. */
export function StepPane({ steps, index }: { steps: readonly Step[]; index: number }) {
  const kit = useKit();
  const step = steps[index];
  const number = step?.lie ? step.number : null;
  const skyline = useSkyline(kit.id, number);
  const fitted = useMemo(() => fittedBefore(steps, index), [steps, index]);
  const lit = useMemo(() => new Set(step?.parts.map((part) => part.designator)), [step]);
  if (!step) return null;
  return (
    <>
      <BoardView lit={lit} fitted={fitted} board={step.board} />
      <div className="caption above">
        <b>On the table, step {step.number}</b>
        {step.lie && <span className="quiet">seen from the {skyline.data?.edge ?? 'front'} edge</span>}
        {step.lie && <span className="end">tilt {degrees(step.lie.tilt)}{step.lie.rocks ? ', rocks' : ''}</span>}
      </div>
      {number !== null && skyline.data?.svg ? (
        <>
          {/* Our own drawing, made by the server from numbers and escaped names. */}
          <div className="table-view" dangerouslySetInnerHTML={{ __html: skyline.data.svg }} />
          <p className="rests">rests on {step.lie?.contacts.slice(0, 6).join(', ')}{(step.lie?.contacts.length ?? 0) > 6 ? ` and ${String((step.lie?.contacts.length ?? 0) - 6)} more` : ''}</p>
        </>
      ) : (
        <p className="loading">{step.gate ? `Measure: ${step.gate.expect}` : step.board === null ? 'Work off the board.' : 'Nothing lies on the table in this step.'}</p>
      )}
    </>
  );
}
