import { useState } from 'react';
import { FIRST, useArticles, useHeader, type Article, type ShelfRow } from '@/shared/api';
import { articleWords, repriced } from '@/shared/format';
import type { DraftLine } from './lines';
import { parted, type Form } from './soldAs';

/** The line that is being chosen: a kit as it is sold, with its options, or goods; its price is the listed one until somebody types. */
export function useLineDraft() {
  const [soldAs, setSoldAs] = useState<Form>('1');
  const [goods, setGoods] = useState<Article | null>(null);
  const [kit, setKit] = useState<ShelfRow | null>(null);
  const [options, setOptions] = useState('');
  const [quantity, setQuantity] = useState('1');
  const [typed, setTyped] = useState<string | null>(null);
  const header = useHeader(kit?.revisionId ?? null);
  const isGoods = soldAs === 'goods';
  const known = useArticles({ ...FIRST, rows: 100, search: kit?.name ?? '' }, kit !== null && !isGoods);
  const { packSize, dealing = '' } = parted(soldAs);
  const listed = isGoods
    ? goods
    : known.data?.articles.find(
        (each) =>
          each.kit === kit?.name && each.options === options && each.packSize === packSize && each.dealing === dealing,
      );
  const price = typed ?? (listed?.unitPrice == null ? '' : (listed.unitPrice / 100).toFixed(2));
  const chosen = isGoods ? goods : kit;
  const line: Omit<DraftLine, 'id'> | null = chosen && {
    words: articleWords({
      name: chosen.name,
      packSize: isGoods ? 1 : packSize,
      dealing: isGoods ? '' : dealing,
      options: isGoods ? '' : options,
    }),
    what: isGoods ? { articleId: chosen.id } : { kitId: chosen.id, options, ...parted(soldAs) },
    quantity,
    price,
    currency: '',
  };
  return {
    ...{ soldAs, setSoldAs, isGoods, goods, kit, options, quantity, setQuantity, price, line },
    offered: isGoods ? [] : (header.data?.options ?? []),
    setPrice: setTyped,
    setGoods: (now: Article | null) => {
      setGoods(now);
      setTyped(null);
    },
    setKit: (now: ShelfRow | null) => {
      setKit(now);
      setOptions('');
      setTyped(null);
    },
    setOptions: (now: string) => {
      if (typed !== null) setTyped(repriced(typed, header.data?.options ?? [], options, now));
      setOptions(now);
    },
    clear: () => {
      setKit(null);
      setGoods(null);
      setOptions('');
      setTyped(null);
      setQuantity('1');
    },
  };
}

export type LineDraft = ReturnType<typeof useLineDraft>;
