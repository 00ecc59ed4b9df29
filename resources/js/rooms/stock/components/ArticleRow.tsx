import { useState } from 'react';
import type { Article, GoodsEntry } from '@/shared/api';
import { articleWords, money } from '@/shared/format';
import { Button, Input, TextLink } from '@/shared/ui';
import { amount, isGoods, makeable, FORMS } from '../model';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './articles.module.css';

type Props = {
  article: Article;
  busy: boolean;
  maySell: boolean;
  mayPack: boolean;
  onMove: (entry: GoodsEntry, quantity: number) => void;
  onPrice: (price: string, sold: boolean) => void;
};

/** Squares that are drawn; the rest is told by its number. */
const DRAWN = 40;

/** One article: what it is, its price, a square for each that lies there, and what can be done with it. */
export function ArticleRow({ article, busy, maySell, mayPack, onMove, onPrice }: Props) {
  const [quantity, setQuantity] = useState('5');
  const [open, setOpen] = useState(false);
  const count = /^[1-9]\d{0,2}$/.test(quantity) ? Number(quantity) : null;
  const more = makeable(article);
  return (
    <li className={styles['row']}>
      <div>
        <b>{articleWords(article)}</b>{' '}
        {!articleWords(article).includes(FORMS[article.form]) && (
          <span className={ink['quiet']}>{FORMS[article.form]}</span>
        )}
        <p className={styles['parts']}>
          {article.parts.map(({ title, quantity: each, unit }) => `${amount(each, unit)} × ${title}`).join(', ')}
        </p>
      </div>
      <div className={styles['price']}>
        <span className={ink['m']}>
          {article.unitPrice === null ? 'no price' : money(article.unitPrice, article.currency ?? '')}
        </span>{' '}
        {maySell && (
          <Button
            look="link"
            aria-expanded={open}
            onClick={() => {
              setOpen(!open);
            }}
          >
            {article.unitPrice === null ? 'set one' : 'change'}
          </Button>
        )}
        {open && (
          <Price
            article={article}
            busy={busy}
            onPrice={(price, sold) => {
              setOpen(false);
              onPrice(price, sold);
            }}
          />
        )}
      </div>
      <div>
        <Squares hand={article.onHand} aside={article.allocated} />
        <p className={article.wanted > article.onHand ? ink['ochre'] : ink['quiet']}>{counts(article)}</p>
      </div>
      <div className={styles['deeds']}>
        {!isGoods(article) && mayPack && <TextLink to="/packing">to Packing</TextLink>}
        {isGoods(article) && mayPack && (
          <>
            <label className={ink['sr']} htmlFor={`make-${String(article.id)}`}>
              how many of {article.name}
            </label>
            <Input
              id={`make-${String(article.id)}`}
              className={styles['count']}
              inputMode="numeric"
              value={quantity}
              onChange={(event) => {
                setQuantity(event.target.value);
              }}
            />
            <Button
              disabled={busy || count === null}
              onClick={() => {
                onMove('made', count ?? 0);
              }}
            >
              Make
            </Button>
            <Button
              look="link"
              disabled={busy || count === null || count > article.onHand}
              onClick={() => {
                onMove('unmade', count ?? 0);
              }}
            >
              take apart
            </Button>
            <Button
              look="link"
              disabled={busy || count === null || count > article.onHand}
              onClick={() => {
                onMove('scrapped', count ?? 0);
              }}
            >
              throw away
            </Button>
            <p className={clsx(ink['quiet'], count !== null && count > more ? ink['ochre'] : '')}>
              parts for {more} more
            </p>
          </>
        )}
      </div>
    </li>
  );
}

function Price({
  article,
  busy,
  onPrice,
}: Pick<Props, 'article' | 'busy'> & { onPrice: (price: string, sold: boolean) => void }) {
  const [price, setPrice] = useState(article.unitPrice === null ? '' : (article.unitPrice / 100).toFixed(2));
  const id = `price-${String(article.id)}`;
  return (
    <form
      className={styles['priceform']}
      aria-label={`Price of ${article.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        onPrice(price.trim(), true);
      }}
    >
      <label className={ink['sr']} htmlFor={id}>
        price of one
      </label>
      <Input
        id={id}
        className={styles['count']}
        inputMode="decimal"
        value={price}
        onChange={(event) => {
          setPrice(event.target.value);
        }}
      />
      <Button type="submit" disabled={busy}>
        Save
      </Button>
      {isGoods(article) && (
        <Button
          look="link"
          disabled={busy || article.onHand > 0}
          title={article.onHand > 0 ? 'Some are still on hand' : 'Orders that name it keep it'}
          onClick={() => {
            onPrice(price.trim(), false);
          }}
        >
          sell it no more
        </Button>
      )}
    </form>
  );
}

/** A square for each that lies there; those set aside are hatched. */
function Squares({ hand, aside }: { hand: number; aside: number }) {
  const all = Math.min(DRAWN, hand + aside);
  return (
    <span className={styles['squares']} aria-hidden>
      {Array.from({ length: all }, (_, at) => (
        <i key={at} className={at < aside ? styles['aside'] : undefined} />
      ))}
      {hand + aside > DRAWN && '…'}
    </span>
  );
}

/** `48 on hand, 212 shipped, ▲ 52 wanted`. */
function counts({ onHand, allocated, shipped, wanted }: Article): string {
  return [
    `${String(onHand)} on hand`,
    allocated > 0 ? `${String(allocated)} set aside` : '',
    shipped > 0 ? `${String(shipped)} shipped` : '',
    wanted > 0 ? `${wanted > onHand ? '▲ ' : ''}${String(wanted)} wanted` : '',
  ]
    .filter((text) => text !== '')
    .join(', ');
}
