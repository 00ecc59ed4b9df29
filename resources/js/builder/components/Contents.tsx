import { useState } from 'react';
import type { BuilderPage } from '@/shared/api';
import { Marking } from '@/shared/ui/Marking';

type Props = { token: string; page: BuilderPage; begun: boolean; onBegin: () => void };

/** What is in the kit, to be ticked off against the bags; tools and cautions. */
export function Contents({ token, page, begun, onBegin }: Props) {
  const { manual } = page;
  const kept = `contents ${token}`;
  const [ticked, setTicked] = useState<ReadonlySet<string>>(() => new Set((localStorage.getItem(kept) ?? '').split('\n')));
  const toggle = (key: string) => {
    const next = new Set(ticked);
    if (!next.delete(key)) next.add(key);
    setTicked(next);
    localStorage.setItem(kept, [...next].join('\n'));
  };
  return (
    <main>
      <h1>{manual.kit}</h1>
      <p className="quiet">{manual.steps.length} steps, {manual.joints} joints, about {Math.max(1, Math.round(manual.minutes / 15) * 15)} min for a {manual.skill === 'beginner' ? 'beginner' : 'practised builder'}.</p>
      {page.otherwise && (
        <details className="otherwise">
          <summary>Your kit is revision {manual.revision}. In the newer revision {page.otherwise.after} this is otherwise:</summary>
          {page.otherwise.entries.map((entry) => <p key={`${entry.designator} ${entry.seen}`}>{entry.seen}</p>)}
          <p className="quiet">This page shows your kit as it was packed. A printed manual of revision {page.otherwise.after} differs in these places.</p>
        </details>
      )}
      <h2>Before you begin</h2>
      {manual.cautions.map((text) => <p key={text} className="caution">{text}</p>)}
      <h2>On the table</h2>
      <ul>{manual.tools.map((tool) => <li key={tool}>{tool}</li>)}</ul>
      {manual.bags.brought.length > 0 && <p><b>You bring:</b> {manual.bags.brought.map((part) => `${part.value} ${part.kindName}`).join(', ')}.</p>}
      <h2>In the bags</h2>
      {manual.bags.bags.map((bag) => (
        <section key={bag.name} className="contentbag">
          <h3><b className="m">{bag.name}</b> {bag.title}</h3>
          {bag.esd && <p className="ochre">▲ Static-sensitive: leave it closed until the step that needs it.</p>}
          {bag.items.map((item) => {
            const key = `${bag.name} ${item.designators.join(' ')}`;
            return (
              <label key={key} className="contentitem">
                <input type="checkbox" checked={ticked.has(key)} onChange={() => { toggle(key); }} />
                <b>{item.quantity}</b>
                <span>{item.value}{item.length === null ? '' : `, ${String(item.length)} mm`} <span className="quiet">{item.kindName}</span></span>
                <Marking marking={item.marking} />
              </label>
            );
          })}
        </section>
      ))}
      <div className="actions"><button type="button" className="go" onClick={onBegin}>{begun ? 'Go on building' : 'Begin with step 1'}</button></div>
    </main>
  );
}
