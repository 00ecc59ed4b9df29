import type { BuilderPage } from '@/shared/api';

/** After the last step: what to do when it does not work. */
export function Finished({ page, onBack, onReport }: { page: BuilderPage; onBack: () => void; onReport: () => void }) {
  return (
    <main>
      <h1>All steps are done</h1>
      {page.faq.length > 0 && (
        <>
          <h2>When it does not work</h2>
          {page.faq.map((entry) => <div key={entry.id}><h3>{entry.question}</h3><p>{entry.answer}{entry.step === null ? '' : ` See step ${String(entry.step)}.`}</p><p className="quiet">reported {entry.count} {entry.count === 1 ? 'time' : 'times'}</p></div>)}
        </>
      )}
      <div className="actions">
        <button type="button" className="side" onClick={onBack}>Back</button>
        <button type="button" className="side" onClick={onReport}>Report a fault</button>
      </div>
    </main>
  );
}
