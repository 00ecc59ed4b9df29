/** What is asked of a list that the server keeps in pages. */
export type Wanted = Readonly<{ page: number; rows: number; search: string; sort: string }>;

/** As many rows as the server gives where none are said. */
const USUAL = 50;

export const FIRST: Wanted = { page: 1, rows: USUAL, search: '', sort: '' };

/** The query of a wanted page; what is usual is left out. */
export function pageQuery(wanted: Wanted): { page?: number; rows?: number; search?: string; sort?: string } {
  return {
    ...(wanted.page > 1 ? { page: wanted.page } : {}),
    ...(wanted.rows === USUAL ? {} : { rows: wanted.rows }),
    ...(wanted.search.trim() === '' ? {} : { search: wanted.search.trim() }),
    ...(wanted.sort === '' ? {} : { sort: wanted.sort }),
  };
}

const MOST_ROWS = 5000;
const A_PAGE = 100;

/** All rows of a list, page by page, for a copy or an export of it. */
export async function allRows<T>(
  wanted: Wanted,
  fetched: (query: {
    page: number;
    rows: number;
    search?: string;
    sort?: string;
  }) => Promise<{ rows: readonly T[]; total: number }>,
): Promise<T[]> {
  const all: T[] = [];
  for (let page = 1; ; page += 1) {
    const { rows, total } = await fetched({ ...pageQuery(wanted), page, rows: A_PAGE });
    all.push(...rows);
    if (rows.length === 0 || all.length >= Math.min(total, MOST_ROWS)) return all;
  }
}
