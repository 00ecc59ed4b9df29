import { useState } from 'react';
import { firstOpen } from '../model';
import { usePage } from '../usePage';
import { Contents } from './Contents';
import { Finished } from './Finished';
import { ReportForm } from './ReportForm';
import { StepView } from './StepView';
import { WhichPart } from './WhichPart';

type Place = 'contents' | 'step' | 'report' | 'which';

/** The builder's page: the contents list, then one step at a time; help and a report form at every step. */
export function Builder({ token }: { token: string }) {
  const { page, fault, done, waiting, tick } = usePage(token);
  const [place, setPlace] = useState<Place | null>(null);
  const [chosen, setAt] = useState<number | null>(null);
  if (!page) return <main className="builder"><p className="wait" role="status">{fault ?? 'Opening the manual'}</p></main>;
  const { manual } = page;
  const at = chosen ?? firstOpen(manual.steps, done);
  const step = manual.steps[at] ?? null;
  // Whoever has ticked something off comes back to where they were.
  const now: Place = place ?? (done.size > 0 ? 'step' : 'contents');
  const go = (next: number) => {
    setAt(next);
    setPlace('step');
    window.scrollTo(0, 0);
  };
  return (
    <div className="builder">
      <header>
        <button type="button" className="kitname" onClick={() => { setPlace('contents'); window.scrollTo(0, 0); }}>{manual.kit}</button>
        <span className="quiet">rev {manual.revision}{page.serial === null ? '' : <>, <span className="m">{page.serial}</span></>}</span>
      </header>
      <div className="progress" role="progressbar" aria-label="steps done" aria-valuemin={0} aria-valuemax={manual.steps.length} aria-valuenow={done.size}><i style={{ width: `${String((100 * Math.min(done.size, manual.steps.length)) / Math.max(1, manual.steps.length))}%` }} /></div>
      {fault && <p className="offline" role="status">▲ {fault}{waiting > 0 ? ` ${String(waiting)} waiting.` : ''}</p>}
      {now === 'contents' && <Contents token={token} page={page} begun={done.size > 0} onBegin={() => { go(firstOpen(manual.steps, done)); }} />}
      {now === 'report' && <ReportForm token={token} page={page} step={step} onLeave={() => { setPlace('step'); }} />}
      {now === 'which' && <WhichPart page={page} onLeave={() => { setPlace('step'); window.scrollTo(0, 0); }} />}
      {now === 'step' && (step ? (
        <StepView
          key={step.key}
          token={token}
          page={page}
          at={at}
          done={done.has(step.key)}
          onBack={() => { if (at > 0) go(at - 1); else setPlace('contents'); }}
          onDone={() => { tick(step.key, true); go(at + 1); }}
          onUndo={() => { tick(step.key, false); }}
          onReport={() => { setPlace('report'); window.scrollTo(0, 0); }}
          onWhich={() => { setPlace('which'); window.scrollTo(0, 0); }}
        />
      ) : (
        <Finished page={page} onBack={() => { go(manual.steps.length - 1); }} onReport={() => { setPlace('report'); }} />
      ))}
    </div>
  );
}
