import type { BuilderPage, ManualStep } from '@/shared/api';

/** What a report by mail says: docs/report-block.md describes the block for whoever reads it by machine. */
type Letter = { subject: string; body: string };

const WORDS = 4000;
/** Bytes that every mail program takes in a link. */
const LINK = 1800;

function line(name: string, text: string): string {
  return text === '' ? '' : `${name}: ${text.replace(/\s+/g, ' ').trim()}\n`;
}

/** The words first, as people read them; behind them the block. */
export function letter(
  page: BuilderPage,
  step: ManualStep | null,
  words: { text: string; serial: string },
  readings: string,
  search: { symptom: string; answers: string } | null = null,
): Letter {
  const { kit, revision, language } = page.manual;
  const block =
    '--- chiralex report 1 ---\n' +
    line('kit', kit) +
    line('revision', revision) +
    line('serial', words.serial) +
    line('step', step ? `${String(step.number)} ${step.title}` : '') +
    line('step-key', step?.key ?? '') +
    line('readings', readings) +
    line('symptom', search?.symptom ?? '') +
    line('answers', search?.answers ?? '') +
    line('language', language ?? 'en') +
    '--- end ---\n';
  return {
    subject: `${kit} ${revision}${words.serial === '' ? '' : ` ${words.serial}`}${step ? ` #${String(step.number)}` : ''}`,
    body: `${words.text.slice(0, WORDS).trim()}\n\n${block}`,
  };
}

/** A link that opens the reader's mail program with the letter in it; too long a text is cut there, copying takes it whole. */
export function mailto(address: string, { subject, body }: Letter): string {
  const head = `mailto:${encodeURIComponent(address).replace('%40', '@')}?subject=${encodeURIComponent(subject)}&body=`;
  const at = body.lastIndexOf('--- chiralex report');
  const block = body.slice(at);
  let words = body.slice(0, at).trim();
  while (words !== '' && (head + encodeURIComponent(`${words}\n\n${block}`)).length > LINK)
    words = `${words.slice(0, -Math.ceil(words.length / 10) - 2)} …`.replace(/^ …$/, '');
  return head + encodeURIComponent(`${words}\n\n${block}`.replaceAll('\n', '\r\n'));
}
