// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LibraryRoom } from '@/rooms/library';
import { Reports } from '@/rooms/reports';
import { OrdersView } from '@/rooms/sales';
import { SignIn } from '@/rooms/sign-in';
import { Bench } from '@/stations/bench';
import { forgetWords } from '@/shared/keep';
import { headerOf, kitAnswers, SHOP } from '@/shared/testing/answers';
import { aKit } from '@/shared/testing/kit';
import { choose, click, field, find, submit, type, unmountAll } from '@/shared/testing/mount';
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
    const first = await enter(<OrdersView />);
    await click(find(first, 'button', 'New order'));
    await type(field(first, '#order-customer'), 'Gwen Tressel');
    unmountAll();
    const again = await enter(<OrdersView />);
    expect(field(again, '#order-customer').value).toBe('Gwen Tressel');
    await click(find(again, 'button', 'Drop it'));
    unmountAll();
    expect((await enter(<OrdersView />)).querySelector('#order-customer')).toBeNull();
  });

  it('an order says at the field what is missing, and is not sent', async () => {
    const box = await enter(<OrdersView />);
    await click(find(box, 'button', 'New order'));
    await submit(find(box, 'form'));
    await vi.waitFor(() => {
      expect(find(box, '#order-customer-helper-text').textContent).toBe('Who ordered it?');
    });
    expect(find(box, '#order-number-fault').textContent).toBe('Give the order a number.');
    expect(field(box, '#order-number').getAttribute('aria-describedby')).toBe('order-number-fault');
    expect(find(box, '#order-kit-helper-text').textContent).toBe('Choose the kit.');
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
      field(first, '#judge-part-0');
    });
    await type(field(first, '#judge-part-0'), 'RV1');
    unmountAll();
    const again = await enter(<Reports />);
    await click(find(again, 'button', 'The trimmer'));
    await vi.waitFor(() => {
      expect(field(again, '#judge-part-0').value).toBe('RV1');
    });
  });

  it('another cause takes back the origin that was said for the one before', async () => {
    const causes = [
      { id: 'wrong-hole', name: 'neighbouring hole', faultOrigin: 'builder' },
      { id: 'faulty', name: 'faulty part', faultOrigin: 'part' },
    ];
    const origins = ['builder', 'part', 'design'].map((id) => ({ id, name: id }));
    serve({
      ...SHOP.full,
      'GET /reports': { ...reports, causes, faultOrigins: origins },
      'GET /reports/11': { ...reports.reports[0], answers: [] },
    });
    const box = await enter(<Reports />);
    await click(find(box, 'button', 'The trimmer'));
    await vi.waitFor(() => find(box, '#judge-origin-0'));
    await choose(box, '#judge-cause-0', 'wrong-hole');
    await choose(box, '#judge-origin-0', 'design');
    await choose(box, '#judge-cause-0', 'faulty');
    expect((find(box, '#judge-origin-0') as HTMLSelectElement).value).toBe('');
    expect(find(box, '#judge-origin-0').textContent).toContain('as the cause says, part');
  });

  it('an entry of the FAQ is read before anybody writes over it', async () => {
    const judged = {
      ...reports.reports[0],
      symptom: 'cannot-adjust',
      judged: true,
      causes: [{ cause: 'wrong-hole', part: '', faultOrigin: 'builder' }],
      answers: [],
    };
    const entry = { question: 'Why does it not adjust?', answer: 'Look at R5.', symptom: 'cannot-adjust' };
    serve({
      ...SHOP.full,
      ...kitAnswers('full'),
      'GET /reports/11': judged,
      'GET /revisions/3/faults': {
        rate: {},
        faq: [{ ...entry, cause: 'wrong-hole', part: '', anchor: ['R5'], count: 2, step: 4, published: true }],
      },
    });
    const box = await enter(<Reports />);
    await click(find(box, 'button', 'The trimmer'));
    await vi.waitFor(() => {
      expect(field(box, '#faq-question').value).toBe('Why does it not adjust?');
    });
    expect(field(box, '#faq-answer').value).toBe('Look at R5.');
  });

  it("a draft for the FAQ begins from nobody's words", async () => {
    const judged = {
      ...reports.reports[0],
      symptom: 'cannot-adjust',
      judged: true,
      causes: [{ cause: 'wrong-hole', part: '', faultOrigin: 'builder' }],
      answers: [{ at: '2026-11-12T10:00:00Z', by: 'maker', text: 'Dear Marek, turn it twice.' }],
    };
    serve({
      ...SHOP.full,
      ...kitAnswers('full'),
      'GET /reports/11': judged,
      'GET /revisions/3/faults': { rate: {}, faq: [] },
    });
    const box = await enter(<Reports />);
    await click(find(box, 'button', 'The trimmer'));
    await vi.waitFor(() => {
      expect(field(box, '#faq-question').value).toBe('Cannot be adjusted into range');
    });
    expect(field(box, '#faq-answer').value).toBe('');
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
