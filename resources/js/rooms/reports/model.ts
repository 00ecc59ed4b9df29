import type { Cause, Intake, Letter, Proposal, Report, SentMail, Stack } from '@/shared/api';
import { isObject } from '@/shared/keep';
import { needed, object } from '@/shared/ui/form';

export const FAQ = object({
  question: needed('Say the question as a customer asks it.', 3).check(({ value, issues }) => {
    if (value.length > 300) issues.push({ code: 'custom', message: 'At most 300 letters.', input: value });
  }),
  answer: needed('Say the answer.', 3),
});

export const LETTER_KINDS: Readonly<Record<Letter['kind'], string>> = {
  letter: 'a letter',
  'auto-reply': 'answer of a machine',
  bounce: 'a mail that came back',
  unreadable: 'could not be read',
};

export const MAIL_STATUS: Readonly<Record<SentMail['status'], { text: string; good: boolean }>> = {
  waiting: { text: 'goes out in a moment', good: true },
  'taken-back': { text: 'taken back', good: false },
  kept: { text: 'in the simulated mailbox', good: true },
  draft: { text: 'a draft: not sent yet', good: false },
  sent: { text: 'sent', good: true },
  failed: { text: 'not sent.', good: false },
  bounced: { text: 'came back.', good: false },
};

/** What is odd about a letter, in words; what a person should do about it stands with it. */
export function flagText(flag: Letter['flags'][number]): string {
  const value = (name: string) => flag[name] ?? '';
  switch (flag.code) {
    case 'from-doubtful':
      return 'Whoever wrote this may not be who they say. Look before anything is sent.';
    case 'reply-elsewhere':
      return 'Answers would go to another address than it came from; ours goes to the one it came from.';
    case 'html-only':
      return 'It had no plain text; its words were taken out of the page.';
    case 'charset':
      return 'Its letters were not what it said; some may be wrong.';
    case 'winmail':
      return 'Its file winmail.dat can be saved and not shown; ask for the picture as JPEG.';
    case 'too-many-parts':
      return 'It had more parts than a letter has; the first ones were read, the whole is kept.';
    case 'too-large':
      return 'Some of it was too large to be opened; the whole is kept.';
    case 'same-id':
      return `Another letter (${value('letter')}) bears the same Message-ID with other words.`;
    case 'serial-unknown':
      return `${value('serial')} is none of ours.${value('near') === '' ? '' : ` Is it ${value('near')}?`}`;
    case 'several-serials':
      return `It names several kits: ${value('serials')}.`;
    case 'not-shipped':
      return `${value('serial')} has not left the shop.`;
    case 'kit-guessed':
      return 'The kit is a guess by its name; set it where it is another.';
    default:
      return flag.code;
  }
}

const counted = (count: number, name: string) => `${String(count)} ${name}${count === 1 ? '' : 's'}`;

/** What became of a file of letters, in a sentence. */
export function broughtIn(intake: Intake): string {
  const parts = [
    counted(intake.reports, 'new report'),
    intake.follows > 0 ? `${counted(intake.follows, 'letter')} to reports that were there` : '',
    intake.apart > 0 ? `${String(intake.apart)} put apart` : '',
    intake.again > 0 ? `${String(intake.again)} known already` : '',
    intake.problems.length > 0 ? `${counted(intake.problems.length, 'row')} not taken` : '',
  ];
  return `${parts.filter((part) => part !== '').join(', ')}.`;
}

export type Draft = { cause: Cause | ''; part: string; faultOrigin: string };
export type Judging = { kit: number | null; symptom: string; causes: readonly Draft[] };

/** A judgement that was begun on this device; what is damaged counts as not begun. */
export function draftOf(kept: string | null, start: Judging): Judging {
  try {
    const said: unknown = JSON.parse(kept ?? 'null');
    if (!isObject(said) || !Array.isArray(said['causes'])) return start;
    return {
      kit: typeof said['kit'] === 'number' ? said['kit'] : start.kit,
      symptom: typeof said['symptom'] === 'string' ? said['symptom'] : start.symptom,
      causes: said['causes'].filter(isObject).map((each) => ({
        cause: (typeof each['cause'] === 'string' ? each['cause'] : '') as Cause | '',
        part: typeof each['part'] === 'string' ? each['part'] : '',
        faultOrigin: typeof each['faultOrigin'] === 'string' ? each['faultOrigin'] : '',
      })),
    };
  } catch {
    return start;
  }
}

/** Where the stacks of a kit hang: at a part of its board, at a step, or nowhere yet. */
export function placed(
  stacks: readonly Stack[],
  parts: Readonly<Record<string, unknown>>,
  steps: number,
): { board: Map<string, Stack[]>; steps: Map<number, Stack[]>; loose: Stack[] } {
  const board = new Map<string, Stack[]>();
  const stair = new Map<number, Stack[]>();
  const loose: Stack[] = [];
  for (const stack of stacks) {
    const part = stack.place.split(' and ')[0] ?? '';
    const step = /^step (\d+)$/.exec(stack.place)?.[1];
    const at = step === undefined ? stack.step : Number(step);
    if (part !== '' && part in parts) board.set(part, [...(board.get(part) ?? []), stack]);
    else if (at !== null && at >= 1 && at <= steps) stair.set(at, [...(stair.get(at) ?? []), stack]);
    else loose.push(stack);
  }
  return { board, steps: stair, loose };
}

/** The first answer of a stack, what sends pieces, and anything on mains is opened in full before it can go. */
export function mustBeRead(report: Report, stack: Stack | null, proposal: Proposal | undefined): boolean {
  const isFirst = stack === null || stack.open === stack.count;
  const isDoubtful = (report.letters ?? []).some((letter) => letter.flags.some(({ code }) => code === 'from-doubtful'));
  return isFirst || isDoubtful || proposal?.stop === true || (proposal?.claim?.send ?? 0) > 0;
}

/** Pieces that the proposal sends; none where it asks first. */
export function sent(proposal: Proposal | undefined): { part: string; pieces: number } | null {
  const claim = proposal?.claim ?? null;
  return claim && claim.send > 0 ? { part: claim.part, pieces: claim.send } : null;
}
