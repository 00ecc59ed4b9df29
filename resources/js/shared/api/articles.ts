import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type { Article, Articles, ArticleSets, Body } from './types';

/** What the shop sells, with price and stock. */
export function useArticles(wanted: Wanted, enabled = true) {
  return useQuery<Articles>({
    enabled,
    queryKey: ['stock', 'articles', wanted],
    queryFn: () => data(api.get('/articles', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

/** What of a kit may be sold by itself. */
export function useArticleSets(kit: number | null) {
  return useQuery<ArticleSets>({
    enabled: kit !== null,
    queryKey: ['kit', kit, 'sets'],
    queryFn: () => data(api.get('/kits/{kit}/sets', { params: { path: { kit: kit ?? 0 } } })),
  });
}

export type NewArticle = Body<'/articles'>;
export type GoodsEntry = Body<'/articles/{article}/moves'>['entry'];
type Deed =
  | { what: 'new'; article: NewArticle }
  | { what: 'price'; of: Article; price: string; sold?: boolean }
  | { what: 'move'; of: Article; entry: GoodsEntry; quantity: number };

/** Anything that changes one article; the answer is that article. */
export function useArticleDeed() {
  const queries = useQueryClient();
  return useMutation<Article, Refused, Deed>({
    mutationFn: (deed) => data(sent(deed, crypto.randomUUID())),
    onSuccess: () => Promise.all(['stock', 'orders'].map((key) => queries.invalidateQueries({ queryKey: [key] }))),
  });
}

function sent(deed: Deed, operationId: string) {
  if (deed.what === 'new') return api.post('/articles', { body: deed.article });
  const params = { path: { article: deed.of.id } };
  if (deed.what === 'move')
    return api.post('/articles/{article}/moves', {
      params,
      body: { operationId, entry: deed.entry, quantity: deed.quantity },
    });
  return api.put('/articles/{article}', {
    params,
    body: { operationId, version: deed.of.version, price: deed.price, sold: deed.sold ?? true },
  });
}
