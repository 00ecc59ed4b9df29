import type { BuilderPage, ManualStep } from '@/shared/api';
import { say, type Phrases } from './phrases';

export type Tick = { operationId: string; step: string; done: boolean; minutes?: number | null };

/** What the server knows, with what it has not heard of yet on top. */
export function merged(known: readonly string[], outbox: readonly Tick[]): ReadonlySet<string> {
  const done = new Set(known);
  for (const tick of outbox) {
    if (tick.done) done.add(tick.step);
    else done.delete(tick.step);
  }
  return done;
}

/** The first step that is not done; past the last one when all are. */
export function firstOpen(steps: readonly ManualStep[], done: ReadonlySet<string>): number {
  const at = steps.findIndex((step) => !done.has(step.key));
  return at < 0 ? steps.length : at;
}

/** A step in one line: `Step 4 of 12. One part, 2 joints, about 2 minutes`. */
export function summary(step: ManualStep, count: number, t: Phrases): string {
  const parts = step.parts.length;
  const said = [
    parts === 0 ? '' : parts === 1 ? t.onePart : say(t.parts, { count: parts }),
    step.joints === 0 ? '' : step.joints === 1 ? t.oneJoint : say(t.joints, { count: step.joints }),
    say(t.about, { minutes: Math.max(1, Math.round(step.minutes)) }),
  ]
    .filter((text) => text !== '')
    .join(', ');
  return say(t.stepOf, { step: step.number, count, facts: `${said.charAt(0).toUpperCase()}${said.slice(1)}` });
}

/** Cautions in full where they come first; at later steps by their first words. */
export function cautionsAt(steps: readonly ManualStep[], at: number): { fresh: string[]; known: string } {
  const said = new Set(steps.slice(0, at).flatMap((step) => step.cautions));
  const here = steps[at]?.cautions ?? [];
  const known = here
    .filter((text) => said.has(text))
    .map((text) => `${text.replace(/[:,.].*$/su, '')}.`)
    .join(' ');
  return { fresh: here.filter((text) => !said.has(text)), known };
}

/** Questions that belong to a step. */
export function faqOf(page: BuilderPage, step: number): BuilderPage['faq'] {
  return page.faq.filter((entry) => entry.step === step);
}
