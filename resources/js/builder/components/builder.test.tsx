// @vitest-environment jsdom
import { act } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BuilderPage, ManualStep } from '@/shared/api';
import { click, field, find, mount, submit, type, unmountAll } from '@/shared/testing/mount';
import { phrasesOf, PhrasesContext } from '../phrases';
import { AllSteps } from './AllSteps';
import { Contents } from './Contents';
import { ReportForm } from './ReportForm';
import { StepTest } from './StepTest';
import { spoken, StepWait } from './StepWait';
import { WhichPart } from './WhichPart';

const test = {
  name: '5 V rail',
  instrument: 'multimeter',
  points: ['TP1', 'TP2'],
  expect: '4.8 to 5.2 V',
  otherwise: 'check D1',
  adjusts: null,
  power: 'on',
  settings: '',
  range: { low: 4.8, high: 5.2 },
  unit: 'V',
};

const step = (number: number, given: Partial<ManualStep> = {}): ManualStep => ({
  number,
  key: `solder:R${String(number)}`,
  title: 'Resistors',
  ownWords: false,
  note: '',
  action: 'solder',
  board: null,
  side: null,
  minutes: 2,
  joints: 2,
  fits: [`R${String(number)}`],
  callouts: [],
  tips: [],
  cautions: [],
  gate: null,
  tests: [],
  remaining: {},
  parts: [
    {
      designator: `R${String(number)}`,
      value: '47 kΩ',
      kindName: 'resistor',
      marking: { type: 'bands', bands: ['yellow', 'violet', 'orange', 'gold'], text: '' },
      hold: '',
      printed: null,
      bag: 'A',
    },
  ],
  ...given,
});

const page = (given: Partial<BuilderPage['manual']> = {}): BuilderPage => ({
  serial: 'LB-A-00001-L',
  keeps: 'server',
  ticks: [],
  otherwise: null,
  boards: { boards: [], parts: {} },
  contents: {},
  trouble: null,
  faq: [],
  manual: {
    kit: 'Loop board',
    code: 'LB',
    revision: 'A',
    choice: [],
    paper: 'A4',
    skill: 'beginner',
    minutes: 40,
    joints: 4,
    tools: ['Side cutters'],
    cautions: ['The iron burns: put it back.'],
    squarePads: [],
    steps: [step(1), step(2)],
    identification: [
      {
        designators: ['R1', 'R2'],
        quantity: 2,
        value: '47 kΩ',
        kindName: 'resistor',
        marking: { type: 'bands', bands: ['yellow', 'violet', 'orange', 'gold'], text: '' },
        bag: 'A',
        direction: 'either way round',
      },
    ],
    bags: {
      school: 'by-kind',
      conflicts: [],
      cuts: [],
      brought: [],
      bags: [
        {
          name: 'A',
          title: 'Resistors',
          esd: false,
          cushioned: false,
          size: '40x60',
          overridden: [],
          reasons: [],
          items: [
            {
              designators: ['R1', 'R2'],
              quantity: 2,
              length: null,
              value: '47 kΩ',
              kind: 'resistor',
              kindName: 'resistor',
              outline: 'axial-1/4W',
              marking: null,
            },
          ],
        },
      ],
    },
    ...given,
  },
});

const inGerman = (node: React.ReactNode) =>
  mount(<PhrasesContext.Provider value={phrasesOf('de')}>{node}</PhrasesContext.Provider>);

describe('the builder’s page', () => {
  beforeEach(() => {
    localStorage.clear();
  });
  afterEach(() => {
    unmountAll();
    vi.unstubAllGlobals();
  });

  it('gives a verdict on what the meter shows, and says what to do outside the range', async () => {
    const box = mount(<StepTest token="a" test={test} />);
    await type(field(box, 'input'), '5.02');
    expect(find(box, '[role="status"]').textContent).toBe('■ In range, go on.');
    await type(field(box, 'input'), '4.2');
    expect(find(box, '[role="status"]').textContent).toBe(
      '▲ Outside the range. Switch off before you touch anything. Then: check D1.',
    );
    await type(field(box, 'input'), 'dark');
    expect(find(box, '[role="status"]').textContent).toBe('Write the number that the meter shows.');
  });

  it('says the same in German', async () => {
    const box = inGerman(<StepTest token="a" test={{ ...test, power: 'off' }} />);
    expect(box.textContent).toContain('Multimeter, ohne Strom, von TP1 nach TP2. Erwartet: 4.8 to 5.2 V.');
    await type(field(box, 'input'), '4,9');
    expect(find(box, '[role="status"]').textContent).toBe('■ Im Bereich, weiter.');
  });

  it('keeps a reading on the device', async () => {
    await type(field(mount(<StepTest token="a" test={test} />), 'input'), '5.02');
    unmountAll();
    expect(field(mount(<StepTest token="a" test={test} />), 'input').value).toBe('5.02');
    expect(field(mount(<StepTest token="b" test={test} />), 'input').value).toBe('');
  });

  it('counts a cure down and says when it is over', () => {
    const wait = { step: 'cure:L1', title: 'varnish', from: 0, length: 2 * 3_600_000 };
    const at = (now: number) =>
      mount(<StepWait step={step(1, { wait: 120 })} wait={wait} now={now} onStart={vi.fn()} onStop={vi.fn()} />)
        .textContent;
    expect(at(0)).toContain('It cures for 2 h 0 min.2 h 0 min left');
    expect(at(61 * 60_000)).toContain('59 min left');
    expect(at(3 * 3_600_000)).toContain('■ The time is over.');
    expect(spoken(75, phrasesOf('de'))).toBe('1 h 15 min');
  });

  it('keeps what was ticked off against the bags', async () => {
    const contents = () =>
      mount(<Contents token="a" page={page()} begun={false} onMissing={vi.fn()} onPrint={vi.fn()} onBegin={vi.fn()} />);
    await click(find(contents(), '.contentitem input'));
    unmountAll();
    expect(find(contents(), '.contentitem input')).toHaveProperty('checked', true);
  });

  it('shows what its maker wrote before the contents', () => {
    const box = mount(
      <Contents
        onMissing={vi.fn()}
        token="a"
        page={page({
          texts: [
            { place: 'intro', markdown: '**Ours**', html: '<p><strong>Ours</strong></p>' },
            { place: 'use', markdown: 'later', html: '<p>later</p>' },
          ],
        })}
        begun={false}
        onPrint={vi.fn()}
        onBegin={vi.fn()}
      />,
    );
    expect(find(box, '.owntext strong').textContent).toBe('Ours');
    expect(box.textContent).not.toContain('later');
  });

  it('finds a part by its bands from either end, in the reader’s words', async () => {
    const box = inGerman(<WhichPart page={page()} onLeave={vi.fn()} />);
    await click(find(box, '.swatches button', 'gold'));
    await click(find(box, '.swatches button', 'orange'));
    expect(find(box, '.steppart').textContent).toContain('R1 R247 kΩ resistor, Beutel A, Schritt 1');
    await click(find(box, '.swatches button', 'schwarz'));
    expect(box.textContent).toContain('▲ Nichts in diesem Bausatz');
  });

  it('lays all steps on one page to print', () => {
    const print = vi.fn();
    vi.stubGlobal('print', print);
    const box = mount(<AllSteps token="a" page={page()} onLeave={vi.fn()} />);
    expect([...box.querySelectorAll('h1')].map((head) => head.textContent)).toEqual(['1. Resistors', '2. Resistors']);
    find(box, 'button', 'Print').click();
    expect(print).toHaveBeenCalledOnce();
  });

  it('keeps a report that cannot be sent, and sends it once when it can', async () => {
    const sent = vi.fn(() => Promise.reject(new TypeError('no line')));
    vi.stubGlobal('fetch', sent);
    const form = () => mount(<ReportForm token="a" page={page()} step={step(2)} onLeave={vi.fn()} />);
    const box = form();
    await type(field(box, '#report-text'), 'It stays dark.');
    await submit(find(box, 'form'));
    expect(find(box, '.refusal').textContent).toBe(
      '▲ No connection. Your text is kept; send it when the connection is back.',
    );
    unmountAll();
    const again = form();
    expect(field(again, '#report-text').value).toBe('It stays dark.');
    const arrives = vi.fn<(path: string, init: RequestInit) => Promise<Response>>(() =>
      Promise.resolve(new Response('{}', { status: 201 })),
    );
    vi.stubGlobal('fetch', arrives);
    await submit(find(again, 'form'));
    expect(again.textContent).toContain('The report is with us');
    const body = arrives.mock.calls[0]?.[1].body as FormData;
    expect([body.get('text'), body.get('serial'), body.get('step'), body.get('stepNumber')]).toEqual([
      'It stays dark.',
      'LB-A-00001-L',
      'solder:R2',
      '2',
    ]);
    expect(localStorage.getItem('report a')).toBe('{}');
  });

  it('sends the readings that were taken along', async () => {
    localStorage.setItem('readings a', '{"5 V rail":"4.2"}');
    const arrives = vi.fn<(path: string, init: RequestInit) => Promise<Response>>(() =>
      Promise.resolve(new Response('{}', { status: 201 })),
    );
    vi.stubGlobal('fetch', arrives);
    const box = mount(
      <ReportForm token="a" page={page({ steps: [step(1, { tests: [test] })] })} step={null} onLeave={vi.fn()} />,
    );
    expect(box.textContent).toContain('Your readings go with it: 5 V rail 4.2 V (expected 4.8 to 5.2 V).');
    await type(field(box, '#report-text'), 'Dark.');
    await submit(find(box, 'form'));
    expect((arrives.mock.calls[0]?.[1].body as FormData).get('text')).toBe(
      'Dark.\n\nReadings: 5 V rail 4.2 V (expected 4.8 to 5.2 V)',
    );
  });

  it('says what the server refuses and keeps the text', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.resolve(new Response('{"message":"That is no mail address."}', { status: 422 }))),
    );
    const box = mount(<ReportForm token="a" page={page()} step={null} onLeave={vi.fn()} />);
    await type(field(box, '#report-text'), 'It stays dark.');
    await submit(find(box, 'form'));
    expect(find(box, '.refusal').textContent).toBe('▲ That is no mail address.');
    expect(field(box, '#report-text').value).toBe('It stays dark.');
  });

  it('waits in the reader’s words where too many come at once, and sends the same report by itself', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const ids: FormDataEntryValue[] = [];
    vi.stubGlobal(
      'fetch',
      vi.fn((_: string, init: RequestInit) => {
        ids.push((init.body as FormData).get('operationId') ?? '');
        return Promise.resolve(
          ids.length === 1
            ? new Response('{}', { status: 429, headers: { 'Retry-After': '7' } })
            : new Response('{}', { status: 201 }),
        );
      }),
    );
    const box = inGerman(<ReportForm token="a" page={page({ language: 'de' })} step={null} onLeave={vi.fn()} />);
    await type(field(box, '#report-text'), 'Es bleibt dunkel.');
    await submit(find(box, 'form'));
    expect(find(box, '.refusal').textContent).toBe(
      '▲ Von hier kommen gerade zu viele Meldungen auf einmal. Dein Text bleibt erhalten und geht in 7 s von selbst ab.',
    );
    await act(async () => {
      await vi.advanceTimersByTimeAsync(7100);
    });
    vi.useRealTimers();
    expect(box.textContent).toContain('Die Meldung ist angekommen');
    expect(ids).toEqual([ids[0], ids[0]]);
  });
});
