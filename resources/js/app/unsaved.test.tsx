// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LibraryRoom } from '@/rooms/library';
import { Reports } from '@/rooms/reports';
import { Sales } from '@/rooms/sales';
import { SignIn } from '@/rooms/sign-in';
import { Bench } from '@/stations/bench';
import { forgetWords } from '@/shared/keep';
import { headerOf, kitAnswers, SHOP } from '@/shared/testing/answers';
import { aKit } from '@/shared/testing/kit';
import { click, field, find, submit, type, unmountAll } from '@/shared/testing/mount';
import { enter, read, serve } from '@/shared/testing/server';

const part = SHOP.full['GET /library'] as { parts: readonly unknown[] };
const reports = SHOP.full['GET /reports'] as { reports: readonly Record<string, unknown>[] };

describe('words that are not saved', () => {
  beforeEach(() => {
    localStorage.clear();
    serve({
      ...SHOP.full,
      ...kitAnswers('full'),
      'GET /library/part': part.parts[0],
      'GET /reports/11': { ...reports.reports[0], answers: [] },
    });
  });
  afterEach(() => {
    unmountAll();
    vi.unstubAllGlobals();
  });

  it('an order half typed is there again after a reload, and gone when it is dropped', async () => {
    const first = await enter(<Sales />);
    await click(find(first, 'button', 'New order'));
    await type(field(first, '#order-customer'), 'Gwen Tressel');
    unmountAll();
    const again = await enter(<Sales />);
    expect(field(again, '#order-customer').value).toBe('Gwen Tressel');
    await click(find(again, 'button', 'Drop it'));
    unmountAll();
    expect((await enter(<Sales />)).querySelector('#order-customer')).toBeNull();
  });

  it('an order says at the field what is missing, and is not sent', async () => {
    const box = await enter(<Sales />);
    await click(find(box, 'button', 'New order'));
    await type(field(box, '#order-quantity'), '0');
    await submit(find(box, 'form'));
    await vi.waitFor(() => {
      expect(find(box, '#order-customer-fault').textContent).toBe('Say who ordered.');
    });
    expect(find(box, '#order-quantity-fault').textContent).toBe('A whole number from 1 to 9999.');
    expect(field(box, '#order-quantity').getAttribute('aria-describedby')).toBe('order-quantity-fault');
  });

  it('what is said of a part stays until it is saved', async () => {
    const first = await enter(<LibraryRoom />, '/library?part=u%7Clm393');
    await type(field(first, '#part-note'), 'looks like the timer');
    unmountAll();
    const again = await enter(<LibraryRoom />, '/library?part=u%7Clm393');
    expect(field(again, '#part-note').value).toBe('looks like the timer');
  });

  it('a judgement stays with its report', async () => {
    const first = await enter(<Reports />);
    await click(find(first, 'button', 'The trimmer'));
    await vi.waitFor(() => {
      field(first, '#judge-part');
    });
    await type(field(first, '#judge-part'), 'RV1');
    unmountAll();
    const again = await enter(<Reports />);
    await click(find(again, 'button', 'The trimmer'));
    await vi.waitFor(() => {
      expect(field(again, '#judge-part').value).toBe('RV1');
    });
  });

  it('a test of the bench stays, and signing out forgets it', async () => {
    const bench = aKit({ header: headerOf('full') }).around(<Bench />);
    const first = await enter(bench, '/kits/3/bench');
    await click(find(first, 'button', 'Add a test'));
    await type(field(first, '#test-name'), 'ripple');
    unmountAll();
    const again = await enter(bench, '/kits/3/bench');
    await click(find(again, 'button', 'Add a test'));
    expect(field(again, '#test-name').value).toBe('ripple');
    unmountAll();
    forgetWords();
    const last = await enter(bench, '/kits/3/bench');
    await click(find(last, 'button', 'Add a test'));
    expect(field(last, '#test-name').value).toBe('');
  });

  it('a password is kept nowhere', async () => {
    const box = await enter(<SignIn />);
    await type(field(box, '#email'), 'maker@saltmarsh.example');
    await type(field(box, '#password'), 'saltmarsh');
    expect(
      Object.keys(localStorage)
        .map((key) => localStorage.getItem(key))
        .join(' '),
    ).not.toContain('saltmarsh');
    expect(read(box)).toContain('Chiralex');
  });
});
