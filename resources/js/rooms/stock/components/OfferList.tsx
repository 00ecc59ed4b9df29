import { allRows, api, useOffers, type Offers, type Wanted } from '@/shared/api';
import { FilterField, Loading, Notice, Pager, TableActions, useWanted } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import styles from './buying.module.css';

type Offer = Offers['offers'][number];

async function table(wanted: Wanted): Promise<string[][]> {
  const offers = await allRows<Offer>(wanted, async (query) => {
    const { data: page } = await api.get('/offers', { params: { query } });
    return { rows: page?.offers ?? [], total: page?.total ?? 0 };
  });
  const cell = (value: number | null) => (value === null ? '' : String(value));
  return [
    ['part', 'supplier', 'currency', 'from', 'unit_price', 'minimum', 'multiple', 'available'],
    ...offers.flatMap((offer) =>
      offer.breaks.map(({ from, price }) => [
        offer.part,
        offer.supplier,
        offer.currency,
        String(from),
        price,
        String(offer.minimum),
        String(offer.multiple),
        cell(offer.available),
      ]),
    ),
  ];
}

function terms(offer: Offer): string {
  return [
    offer.minimum > 1 ? `at least ${String(offer.minimum)}` : '',
    offer.multiple > 1 ? `by ${String(offer.multiple)}` : '',
    offer.available === null ? '' : `${String(offer.available)} there`,
    offer.givenOn,
  ]
    .filter((word) => word !== '')
    .join(', ');
}

/** What each supplier asks for a part; of several offers of one the newest. */
export function OfferList() {
  const { wanted, want, text, setText } = useWanted();
  const offers = useOffers(wanted);
  if (offers.error) return <Notice title="The offers cannot be shown" text={offers.error.message} />;
  if (!offers.data) return <Loading what="Looking up the offers" />;
  return (
    <section className={styles['offers']} aria-label="Offers">
      <div className={styles['filebar']}>
        <FilterField
          id="offer-filter"
          label="Filter offers"
          placeholder="Part or supplier"
          value={text}
          onChange={setText}
        />
        <TableActions name="offers" rows={() => table(wanted)} />
      </div>
      {offers.data.offers.length === 0 && (
        <p className={ink['quiet']}>
          {wanted.search === ''
            ? 'No offer yet. Drop a CSV of what your suppliers ask.'
            : 'No offer with these letters.'}
        </p>
      )}
      <ul>
        {offers.data.offers.map((offer) => (
          <li key={`${offer.part} ${offer.supplier}`}>
            <span>{offer.title}</span>
            <span>
              {offer.supplier}, {offer.currency}
            </span>
            <span className={ink['m']}>
              {offer.breaks.map(({ from, price }) => `${String(from)}+ ${price}`).join('  ')}
            </span>
            <span className={ink['quiet']}>{terms(offer)}</span>
          </li>
        ))}
      </ul>
      <Pager
        of="the offers"
        page={offers.data.page}
        pages={offers.data.pages}
        total={offers.data.total}
        onPage={(page) => {
          want({ ...wanted, page });
        }}
      />
    </section>
  );
}
