import { describe, expect, it } from 'vitest';
import { allRows, FIRST, pageQuery } from './paging';

describe('pages of a list', () => {
  it('leave out what is usual', () => {
    expect(pageQuery(FIRST)).toEqual({});
    expect(pageQuery({ page: 3, rows: 25, search: ' bell ', sort: '-name' })).toEqual({
      page: 3,
      rows: 25,
      search: 'bell',
      sort: '-name',
    });
  });

  it('are put together for an export, up to what one file holds', async () => {
    const asked: number[] = [];
    const server = (total: number) => (query: { page: number; rows: number }) => {
      asked.push(query.page);
      return Promise.resolve({
        rows: Array.from(
          { length: Math.max(0, Math.min(query.rows, total - (query.page - 1) * query.rows)) },
          (_, index) => index,
        ),
        total,
      });
    };
    expect((await allRows(FIRST, server(250))).length).toBe(250);
    expect(asked).toEqual([1, 2, 3]);
    expect((await allRows(FIRST, server(0))).length).toBe(0);
    expect((await allRows(FIRST, server(20_000))).length).toBe(5000);
  });
});
