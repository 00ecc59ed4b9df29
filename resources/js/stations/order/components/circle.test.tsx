// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Circle } from '@/shared/api';
import { kitAnswers } from '@/shared/testing/answers';
import { aKit } from '@/shared/testing/kit';
import { click, find, unmountAll } from '@/shared/testing/mount';
import { enter, serve } from '@/shared/testing/server';
import { Order } from './Order';

const back = {
  type: 'take-back',
  target: 'order.maker-before',
  field: '',
  value: { first: 'R1', then: 'R2' },
} as const;
const rule = { before: 'R1', after: 'R2', text: 'You put R1 before R2.', who: 'you said so', leftOut: false };
const circle: Circle = {
  cycle: ['R1', 'R2', 'R1'],
  relax: [rule.text],
  leftOut: '',
  steps: [],
  rules: [
    { ...rule, takeBack: back },
    { ...rule, text: 'R2 covers R1.', who: 'common practice', takeBack: null, leftOut: true },
  ],
  drawn: [],
  order: null,
};

describe('parts that wait for each other', () => {
  beforeEach(() => {
    serve({ ...kitAnswers('full'), 'GET /revisions/3/documents/order': circle });
  });
  afterEach(() => {
    unmountAll();
    vi.unstubAllGlobals();
  });

  it('are shown with who said it, and what the maker said is taken back in one press', async () => {
    const kit = aKit();
    const box = await enter(kit.around(<Order />), '/kits/3/order');
    expect(box.textContent).toContain('You put R1 before R2. (you said so)');
    expect(box.textContent).toContain('R2 covers R1. (common practice) ▲ left out below');
    await click(find(box, 'button', 'Take this back'));
    expect(kit.saves).toEqual([[back]]);
  });

  it('are only read by who may not edit', async () => {
    const box = await enter(aKit({ mayEdit: false }).around(<Order />), '/kits/3/order');
    expect(box.textContent).not.toContain('Take this back');
  });
});
