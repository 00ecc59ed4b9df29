import { useState } from 'react';
import { useArticleDeed, useArticles, useMe, type Article } from '@/shared/api';
import { Button, FilterField, Loading, Notice, Pager, Refusal, useWanted } from '@/shared/ui';
import { ArticleRow } from './ArticleRow';
import { NewArticle } from './NewArticle';
import ui from '@/shared/ui/ui.module.css';
import styles from './articles.module.css';

/** What the shop sells: each article with its price, how many lie there, and what can be made of the parts in stock. */
export function ArticlesView() {
  const { wanted, want, text, setText } = useWanted();
  const articles = useArticles(wanted);
  const deed = useArticleDeed();
  const me = useMe();
  const [adding, setAdding] = useState(false);
  if (articles.error) return <Notice title="The articles cannot be shown" text={articles.error.message} />;
  if (!articles.data) return <Loading what="Counting the articles" />;
  const may = (ability: string) => me.data?.abilities.some((each) => each === ability) ?? false;
  const rows: readonly Article[] = articles.data.articles;
  return (
    <div className={styles['articles']}>
      <div className={ui['bar']}>
        <FilterField
          id="article-filter"
          label="Filter articles"
          placeholder="Article or kit"
          value={text}
          onChange={setText}
        />
        {may('sell-kits') && (
          <span className={ui['end']}>
            <Button
              look={adding ? 'on' : 'primary'}
              aria-expanded={adding}
              onClick={() => {
                setAdding(!adding);
              }}
            >
              New article
            </Button>
          </span>
        )}
      </div>
      {deed.error && (
        <Refusal
          onDismiss={() => {
            deed.reset();
          }}
        >
          {deed.error.message}
        </Refusal>
      )}
      {adding && (
        <NewArticle
          busy={deed.isPending}
          onSave={async (article) => {
            try {
              await deed.mutateAsync({ what: 'new', article });
              setAdding(false);
              return true;
            } catch {
              return false;
            }
          }}
        />
      )}
      {rows.length === 0 && (
        <p className={ui['loading']}>
          {wanted.search === ''
            ? 'Nothing is sold yet. A kit stands here once it is packed; a board, a case or a spare part alone is a new article.'
            : 'No article with these letters.'}
        </p>
      )}
      <ul className={styles['rows']}>
        {rows.map((article) => (
          <ArticleRow
            key={article.id}
            article={article}
            busy={deed.isPending}
            maySell={may('sell-kits')}
            mayPack={may('pack-kits')}
            onMove={(entry, quantity) => {
              deed.mutate({ what: 'move', of: article, entry, quantity });
            }}
            onPrice={(price, sold) => {
              deed.mutate({ what: 'price', of: article, price, sold });
            }}
          />
        ))}
      </ul>
      <Pager
        of="the articles"
        page={articles.data.page}
        pages={articles.data.pages}
        total={articles.data.total}
        onPage={(page) => {
          want({ ...wanted, page });
        }}
      />
    </div>
  );
}
