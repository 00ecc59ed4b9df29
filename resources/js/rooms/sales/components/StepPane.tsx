import { useMe, usePriceFacts, type Price, type PriceTrial } from '@/shared/api';
import { Refusal, TextLink } from '@/shared/ui';
import { percent } from '@/shared/format';
import { FACTS, stair, stepWords, type StairKind } from '../price';
import { FactField } from './FactField';
import ink from '@/shared/style/ink.module.css';
import styles from './price.module.css';

type Props = { price: Price; kind: StairKind; onSaved: (tried: PriceTrial) => void };

/** Why a step is as high as it is, and what the maker can say of it. */
export function StepPane({ price, kind, onSaved }: Props) {
  const me = useMe();
  const facts = usePriceFacts(price.kitId);
  const mayChange = me.data?.abilities.includes('manage-shop') ?? false;
  const step = stair(price).find((each) => each.kind === kind);
  const { currency } = price;
  return (
    <aside className={styles['pane']} aria-label={step?.name ?? kind}>
      <h2>{step?.name ?? kind}</h2>
      <p className={styles['sum']}>
        <b className={ink['m']}>{(step?.amount ?? 0).toFixed(2)}</b> {currency} a kit
      </p>
      <p>{stepWords(kind, price)}</p>
      {kind === 'parts' && price.unpriced.length > 0 && (
        <p className={ink['ochre']}>
          ▲ Nobody offers these and no lot says their cost; they count as nothing: {price.unpriced.join('; ')}.{' '}
          <TextLink to="/stock?view=buying">Bring in offers</TextLink>
        </p>
      )}
      {kind === 'parts' && price.fromLots.length > 0 && (
        <p className={ink['quiet']}>As their newest lot did cost: {price.fromLots.join('; ')}.</p>
      )}
      {kind === 'support' && price.causes.length > 0 && (
        <ul className={styles['causes']}>
          {price.causes.map(({ cause, kits, each }) => (
            <li key={cause}>
              <span>
                {cause} <span className={ink['quiet']}>at {kits === 1 ? '1 kit' : `${String(kits)} kits`}</span>
              </span>
              <span className={ink['m']}>
                {each} {currency} a kit
              </span>
            </li>
          ))}
        </ul>
      )}
      {kind === 'margin' && (
        <ul className={styles['causes']}>
          {price.packs.map((pack) => (
            <li key={pack.kits}>
              <span>pack of {pack.kits}</span>
              <span className={ink['m']}>
                {pack.price} {currency},{' '}
                <span className={pack.margin < 0 ? ink['crimson'] : ''}>{percent(pack.margin)}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      {facts.error && (
        <Refusal
          onDismiss={() => {
            facts.reset();
          }}
        >
          {facts.error.message}
        </Refusal>
      )}
      <div className={styles['facts']}>
        {FACTS[kind].map(([name, label, form]) => (
          <FactField
            key={`${name} ${price.facts[name]}`}
            name={name}
            label={label}
            form={form}
            value={price.facts[name]}
            isSaid={price.said.includes(name)}
            disabled={!mayChange || facts.isPending}
            onSay={(value) => {
              facts.mutate(
                { version: price.version, facts: { [name]: value } },
                {
                  onSuccess: () => {
                    onSaved({});
                  },
                },
              );
            }}
          />
        ))}
      </div>
    </aside>
  );
}
