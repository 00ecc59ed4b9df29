import { useMemo, useState } from 'react';
import { useFaults, useManual, type ManualDocument } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { minutes } from '@/shared/format';
import { useKeys } from '@/shared/keys';
import { useFacing, useKit } from '@/shared/kit';
import { PaperChoice, PrintButton, Split } from '@/shared/ui';
import { FrontMatter } from './FrontMatter';
import { ReleaseBox } from './ReleaseBox';
import { StepPage } from './StepPage';
import './manual.css';

/** The Manual station: the pages as the builder reads them, words that can be changed, what blocks release. */
export function Manual() {
  const kit = useKit();
  const manual = useManual(kit.id);
  const faq = (useFaults(kit.id).data?.faq ?? []).filter((entry) => entry.published);
  const [paper, setPaper] = useState('A4');
  const [at, setAt] = useState<number | null>(null);
  const fitted = useMemo(() => fittedBefore(manual.data ?? null, at), [manual.data, at]);
  const count = manual.data?.steps.length ?? 0;
  useFacing(at, manual.data?.steps.find((each) => each.number === at)?.side);
  const go = (by: number) => {
    const next = Math.max(1, Math.min(count, (at ?? 0) + by));
    setAt(next);
    document.getElementById(`page-step-${String(next)}`)?.scrollIntoView({ block: 'nearest' });
  };
  useKeys({ ArrowDown: () => { go(1); }, ArrowUp: () => { go(-1); }, Escape: () => { setAt(null); } });
  if (manual.isPending) return <p className="loading" role="status">Writing the manual</p>;
  if (manual.error) return <p className="loading">{manual.error.message}</p>;
  if (!manual.data) return <p className="loading">There is no manual yet: some steps wait for each other. The Order station shows which.</p>;
  const document_ = manual.data;
  const step = document_.steps.find((each) => each.number === at) ?? null;
  return (
    <Split
      work={
        <>
          <div className="bar">
            <b>{document_.steps.length} steps</b>
            <span>{document_.joints} joints, {minutes(document_.minutes)}</span>
            <span className="end">
              <PaperChoice paper={paper} onChange={setPaper} />
              <PrintButton label="Before you buy" kind="before-you-buy" subject={kit.id} paper={paper} />
              <PrintButton label="Print the manual (PDF)" kind="manual" subject={kit.id} paper={paper} />
            </span>
          </div>
          <div className="scroll pages" tabIndex={0} role="region" aria-label="The manual">
            <FrontMatter manual={document_} />
            <h2>Build it</h2>
            {document_.steps.map((each) => <StepPage key={each.key} step={each} faq={faq.filter((entry) => entry.step === each.number)} current={each.number === at} onPick={() => { setAt(each.number); }} />)}
          </div>
        </>
      }
      pane={
        <>
          <BoardView lit={step ? new Set(step.parts.map((part) => part.designator)) : null} fitted={step ? fitted : null} board={step?.board ?? null} />
          <ReleaseBox />
        </>
      }
    />
  );
}

function fittedBefore(manual: ManualDocument | null, at: number | null): ReadonlySet<string> {
  return new Set((manual?.steps ?? []).filter((step) => at !== null && step.number < at && ['solder', 'insert', 'place'].includes(step.action)).flatMap((step) => step.parts.map((part) => part.designator)));
}
