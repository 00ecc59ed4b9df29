import type { BuilderPage } from '@/shared/api';
import { say, type Phrases } from './phrases';

export type Outgoing = {
  operationId: string;
  words: Readonly<Record<string, string>>;
  text: string;
  symptom?: string;
  checks?: readonly { check: string; answer: string }[];
  step?: { key: string; number: number } | null;
  photo?: File | null;
};
export type Sent = { sent: true } | { sent: false; fault: string; again: number | null };

const MOST = 10 * 1024 * 1024;
const TEXT = 5000;
/** Seconds. */
const MOST_WAIT = 120;
const USUAL_WAIT = 20;

/** Sends a report of a kit's own page; what the server does not take yet says after how many seconds it may go again, under the same id. */
export async function sendReport(token: string, page: BuilderPage, t: Phrases, out: Outgoing): Promise<Sent> {
  const refused = (fault: string, again: number | null = null): Sent => ({ sent: false, fault, again });
  if (out.photo && out.photo.size > MOST) return refused(t.photoLarge);
  const form = new FormData();
  form.append('operationId', out.operationId);
  form.append('lang', page.manual.language ?? 'en');
  for (const field of ['name', 'email']) form.append(field, out.words[field] ?? '');
  form.append('serial', page.serial ?? out.words['serial'] ?? '');
  form.append('text', out.text.slice(0, TEXT));
  if (out.step) {
    form.append('step', out.step.key);
    form.append('stepNumber', String(out.step.number));
  }
  if (out.symptom !== undefined) form.append('symptom', out.symptom);
  (out.checks ?? []).forEach(({ check, answer }, index) => {
    form.append(`checks[${String(index)}][check]`, check);
    form.append(`checks[${String(index)}][answer]`, answer);
  });
  if (out.photo) form.append('photo', out.photo);
  try {
    const answer = await fetch(`/api/public/${token}/reports`, {
      method: 'POST',
      body: form,
      headers: { Accept: 'application/json' },
    });
    const body = (await answer.json().catch(() => ({}))) as { message?: string };
    if (answer.status === 429) {
      const seconds = Math.min(MOST_WAIT, Math.max(1, Number(answer.headers.get('Retry-After') ?? String(USUAL_WAIT))));
      return refused(say(t.tooMany, { seconds }), seconds);
    }
    return answer.ok ? { sent: true } : refused(body.message ?? (answer.status === 413 ? t.photoLarge : t.notArrived));
  } catch {
    return refused(t.noConnection);
  }
}
