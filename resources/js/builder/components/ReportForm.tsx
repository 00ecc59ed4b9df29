import { useState, type SyntheticEvent } from 'react';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { keptReadings, toldReadings } from '../readings';

type Props = { token: string; page: BuilderPage; step: ManualStep | null; onLeave: () => void };

const MOST = 10 * 1024 * 1024;

/** A fault report with serial, revision and step filled in; nothing typed is lost while it is not sent. */
export function ReportForm({ token, page, step, onLeave }: Props) {
  const kept = `report ${token}`;
  const [words, setWords] = useState<Record<string, string>>(() => JSON.parse(localStorage.getItem(kept) ?? '{}') as Record<string, string>);
  const [photo, setPhoto] = useState<File | null>(null);
  const [state, setState] = useState<'writing' | 'sending' | 'sent'>('writing');
  const [fault, setFault] = useState<string | null>(null);
  // One id for one report: pressed twice or sent again, it arrives once.
  const readings = toldReadings(page, keptReadings(token));
  const [operationId] = useState(() => crypto.randomUUID());
  const set = (field: string, value: string) => {
    const next = { ...words, [field]: value };
    setWords(next);
    localStorage.setItem(kept, JSON.stringify(next));
  };
  const send = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (state !== 'writing') return;
    if (photo && photo.size > MOST) {
      setFault('The photo is larger than 10 MB; choose a smaller size in your camera, or send the report without it. Your text is kept.');
      return;
    }
    setState('sending');
    const form = new FormData();
    form.append('operationId', operationId);
    for (const field of ['text', 'serial', 'name', 'email']) form.append(field, words[field] ?? '');
    if (readings !== '') form.set('text', `${words['text'] ?? ''}\n\nReadings: ${readings}`.slice(0, 5000));
    if (page.serial !== null) form.set('serial', page.serial);
    if (step) {
      form.append('step', step.key);
      form.append('stepNumber', String(step.number));
    }
    if (photo) form.append('photo', photo);
    try {
      const answer = await fetch(`/api/public/${token}/reports`, { method: 'POST', body: form, headers: { Accept: 'application/json' } });
      const body = (await answer.json().catch(() => ({}))) as { message?: string };
      if (!answer.ok) throw new Error(body.message ?? (answer.status === 413 ? 'The photo is too large; it may have 10 MB at most. Your text is kept.' : 'The report did not arrive; try again. Your text is kept.'));
      localStorage.removeItem(kept);
      setFault(null);
      setState('sent');
    } catch (why) {
      setFault(why instanceof TypeError ? 'No connection. Your text is kept; send it when the connection is back.' : (why as Error).message);
      setState('writing');
    }
  };
  if (state === 'sent') {
    return (
      <main>
        <h1>The report is with us</h1>
        <p>Thank you. {words['email'] ? 'The answer comes by mail.' : 'Without a mail address we cannot answer you, but the next builder will find the answer at this step.'}</p>
        <div className="actions"><button type="button" className="go" onClick={onLeave}>Back to the step</button></div>
      </main>
    );
  }
  return (
    <main>
      <h1>Report a fault</h1>
      <p className="quiet">{page.manual.kit}, revision {page.manual.revision}{page.serial === null ? '' : `, ${page.serial}`}{step ? `, step ${String(step.number)}: ${step.title}` : ''}</p>
      <form onSubmit={(event) => void send(event)} aria-label="Report">
        <label htmlFor="report-text">What happens, and what did you expect?</label>
        <textarea id="report-text" rows={5} required minLength={3} maxLength={5000} value={words['text'] ?? ''} onChange={(event) => { set('text', event.target.value); }} />
        {readings !== '' && <p className="quiet">Your readings go with it: {readings}.</p>}
        {page.serial === null && (
          <>
            <label htmlFor="report-serial">Serial number on the label, if you have it</label>
            <input id="report-serial" className="m" maxLength={60} value={words['serial'] ?? ''} onChange={(event) => { set('serial', event.target.value); }} />
          </>
        )}
        <label htmlFor="report-photo">A photo of both sides helps</label>
        <input id="report-photo" type="file" accept="image/jpeg,image/png,image/webp" onChange={(event) => { setPhoto(event.target.files?.[0] ?? null); }} />
        <label htmlFor="report-name">Your name</label>
        <input id="report-name" maxLength={120} autoComplete="name" value={words['name'] ?? ''} onChange={(event) => { set('name', event.target.value); }} />
        <label htmlFor="report-email">Mail address, for the answer</label>
        <input id="report-email" type="email" maxLength={190} autoComplete="email" value={words['email'] ?? ''} onChange={(event) => { set('email', event.target.value); }} />
        {fault && <p className="refusal" role="alert">▲ {fault}</p>}
        <div className="actions">
          <button type="button" className="side" onClick={onLeave}>Back</button>
          <button type="submit" className="go" disabled={state === 'sending'}>{state === 'sending' ? 'Sending' : 'Send the report'}</button>
        </div>
      </form>
    </main>
  );
}
