// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Refused } from './client';

/** Node's own takes absolute addresses only. */
class PageRequest {
  readonly headers = new Headers();
}

const answer = (status: number, body: unknown) => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response(JSON.stringify(body), { status }))),
  );
};

const refusal = async (): Promise<Refused> => {
  vi.stubGlobal('Request', PageRequest);
  try {
    await api.text('/kits');
  } catch (why) {
    if (why instanceof Refused) return why;
    throw why;
  }
  throw new Error('nothing was refused');
};

describe('refusals', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it('say what the server says', async () => {
    answer(422, { message: 'bom.csv row 1: no designator column', headers: ['Spot', 'Wert'] });
    const why = await refusal();
    expect([why.status, why.message, why.headers]).toEqual([
      422,
      'bom.csv row 1: no designator column',
      ['Spot', 'Wert'],
    ]);
  });

  it('have words of their own where the server has none', async () => {
    answer(413, null);
    expect((await refusal()).message).toContain('10 MB');
    answer(403, {});
    expect((await refusal()).message).toContain('look at this but not change');
  });

  it('carry both texts of a conflict', async () => {
    answer(409, {
      message: 'Anna changed this',
      sequence: 3,
      theirs: [],
      mine: [{ type: 'line', target: 'C1', field: 'height', value: 4 }],
    });
    const why = await refusal();
    expect(why.conflict?.mine[0]?.target).toBe('C1');
  });

  it('keep the words when the line drops', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.reject(new TypeError('network'))),
    );
    expect((await refusal()).message).toContain('What you typed is kept');
  });
});
