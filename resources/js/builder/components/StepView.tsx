import { useEffect, useRef, useState } from 'react';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { BoardCrop } from '@/shared/board/BoardCrop';
import { Marking } from '@/shared/ui/Marking';
import { markingWords } from '@/shared/ui/markingWords';
import { cautionsAt, faqOf, fittedBefore, summary } from '../model';
import { StepBoard } from './StepBoard';
import { StepTest } from './StepTest';

type Props = { token: string; page: BuilderPage; at: number; done: boolean; onBack: () => void; onDone: () => void; onUndo: () => void; onReport: () => void; onWhich: () => void };

/** One step: the board with its parts lit, what they look like, which way round, how it is done. */
export function StepView({ token, page, at, done, onBack, onDone, onUndo, onReport, onWhich }: Props) {
  const [stuck, setStuck] = useState(false);
  const help = useRef<HTMLElement>(null);
  useEffect(() => {
    if (stuck) help.current?.scrollIntoView({ block: 'center' });
  }, [stuck]);
  const step = page.manual.steps[at];
  if (!step) return null;
  const board = page.boards.boards.find((each) => each.name === step.board) ?? null;
  const faq = faqOf(page, step.number);
  const cautions = cautionsAt(page.manual.steps, at);
  return (
    <main>
      <h1>{step.number}. {step.title}</h1>
      <p className="quiet">{summary(step, page.manual.steps.length)}</p>
      {board && <StepBoard board={board} first={step.side === 'bottom' ? 'bottom' : 'top'} lit={new Set(step.parts.map((part) => part.designator))} fitted={fittedBefore(page.manual.steps, at)} />}
      {cautions.fresh.map((text) => <p key={text} className="caution">{text}</p>)}
      {cautions.known !== '' && <p className="caution">{cautions.known}</p>}
      {step.note !== '' && <p>{step.note}</p>}
      {step.parts.map((part) => (
        <p key={part.designator} className="steppart">
          <b className="m">{part.designator}</b>
          <span>{part.value} <span className="quiet">{part.kindName}{part.marking?.type === 'bands' ? `, ${markingWords(part.marking)}` : ''}{part.bag === null ? '' : `, bag ${part.bag}`}</span></span>
          <Marking marking={part.marking} />
        </p>
      ))}
      {step.callouts.map((callout) => <Callout key={callout.designator} page={page} callout={callout} />)}
      {[...new Set(step.parts.map((part) => part.hold).filter((text) => text !== '')), ...step.tips].map((text) => <p key={text}>{text}</p>)}
      {step.tests.map((test) => <StepTest key={test.name} token={token} test={test} />)}
      {step.gate && step.tests.length === 0 && <p className="test">Expect <b>{step.gate.expect}</b>. Go on only when it is so.</p>}
      {Object.entries(step.remaining as Record<string, string[]>).map(([bag, left]) => <p key={bag} className="quiet">Bag {bag} {left.length === 0 ? 'is empty now' : `still holds ${left.join(', ')}`}.</p>)}
      {stuck && (
        <section ref={help} className="stuck" aria-label="Help at this step">
          <h2>{faq.length === 0 ? 'Nobody has asked at this step yet' : 'Asked at this step'}</h2>
          {faq.map((entry) => <div key={entry.id}><h3>{entry.question}</h3><p>{entry.answer}</p><p className="quiet">reported {entry.count} {entry.count === 1 ? 'time' : 'times'}</p></div>)}
          <button type="button" className="side" onClick={onWhich}>What is this part?</button>
          <button type="button" className="side" onClick={onReport}>Report a fault</button>
        </section>
      )}
      {done && <p className="doneline">■ done <button type="button" className="link" onClick={onUndo}>not done after all</button></p>}
      <div className="actions">
        <button type="button" className="side" onClick={onBack}>Back</button>
        <button type="button" className="side" aria-expanded={stuck} onClick={() => { setStuck(!stuck); }}>Stuck here?</button>
        <button type="button" className="go" onClick={onDone}>{done ? 'Next step' : 'Done, next step'}</button>
      </div>
    </main>
  );
}

function Callout({ page, callout }: { page: BuilderPage; callout: ManualStep['callouts'][number] }) {
  const board = page.boards.boards.find((each) => each.name === callout.picture?.board) ?? null;
  const harm = ['destroys-others', 'can-hurt'].includes(callout.consequence);
  return (
    <section className={harm ? 'way harm' : 'way'} aria-label={`${callout.designator}, which way round`}>
      {board && callout.picture && <BoardCrop board={board} side={callout.picture.side} crop={callout.picture.crop} arrow={callout.picture.arrow} part={callout.designator} />}
      <p><b className="m">{callout.designator}</b> {harm && <b>▲ </b>}{callout.text}</p>
    </section>
  );
}
