import { needed, object, string, upTo } from '@/shared/ui/form';

export const FAQ = object({
  question: needed('Say the question as a customer asks it.', 3).check(({ value, issues }) => {
    if (value.length > 300) issues.push({ code: 'custom', message: 'At most 300 letters.', input: value });
  }),
  answer: needed('Say the answer.', 3),
});

/** What a report is about; which words there are the server says. */
export const JUDGEMENT = object({
  kitId: string(),
  symptom: needed('Choose what the customer notices.'),
  cause: needed('Choose what was wrong.'),
  faultOrigin: string(),
  part: upTo(40),
});
