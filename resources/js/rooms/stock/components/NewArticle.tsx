import { useState, type SyntheticEvent } from 'react';
import { useArticleSets, type NewArticle as Given, type ShelfRow } from '@/shared/api';
import { Button, Input, KitChooser, Loading, Select } from '@/shared/ui';
import { amount, FORMS, GOODS } from '../model';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './articles.module.css';

/** `onSave` says whether the article is made; until then its words stay. */
type Props = { busy: boolean; onSave: (article: Given) => Promise<boolean> };
type Part = { fingerprint: string; title: string; unit: 'piece' | 'mm'; quantity: string };

/** An article of parts in stock: what a kit is made of is offered, a bag, its board or a part at a time. */
export function NewArticle({ busy, onSave }: Props) {
  const [operationId] = useState(() => crypto.randomUUID());
  const [kit, setKit] = useState<ShelfRow | null>(null);
  const [form, setForm] = useState<Given['form']>('board');
  const [name, setName] = useState('');
  const [price, setPrice] = useState('');
  const [parts, setParts] = useState<readonly Part[]>([]);
  const sets = useArticleSets(kit?.id ?? null);
  const add = (index: number) => {
    const set = sets.data?.sets[index];
    if (!set) return;
    const there = new Set(parts.map((part) => part.fingerprint));
    setParts([
      ...parts,
      ...set.parts
        .filter((part) => !there.has(part.fingerprint))
        .map((part) => ({ ...part, quantity: String(part.quantity) })),
    ]);
    setForm(set.form);
    if (name === '') setName(set.name);
  };
  const save = (event: SyntheticEvent) => {
    event.preventDefault();
    void onSave({ operationId, form, name: name.trim(), price, kitId: kit?.id ?? null, parts: [...parts] });
  };
  return (
    <form className={styles['new']} onSubmit={save} aria-label="New article">
      <div className={ui['field']}>
        <KitChooser
          id="article-kit"
          label="of the kit"
          kit={kit}
          onChoose={(chosen) => {
            setKit(chosen);
            setParts([]);
          }}
        />
      </div>
      <div className={ui['field']}>
        <label htmlFor="article-form">it is</label>
        <Select
          id="article-form"
          value={form}
          onChange={(event) => {
            setForm(GOODS.find((each) => each === event.target.value) ?? 'parcel');
          }}
        >
          {GOODS.map((each) => (
            <option key={each} value={each}>
              {FORMS[each]}
            </option>
          ))}
        </Select>
      </div>
      <div className={ui['field']}>
        <label htmlFor="article-name">name, as customers read it</label>
        <Input
          id="article-name"
          required
          maxLength={120}
          value={name}
          onChange={(event) => {
            setName(event.target.value);
          }}
        />
      </div>
      <div className={ui['field']}>
        <label htmlFor="article-price">price of one</label>
        <Input
          id="article-price"
          inputMode="decimal"
          value={price}
          onChange={(event) => {
            setPrice(event.target.value);
          }}
        />
      </div>
      <fieldset className={styles['made']}>
        <legend>made of</legend>
        {kit === null && <p className={ink['quiet']}>Choose the kit; its board, bags and parts are offered then.</p>}
        {sets.isFetching && <Loading what="Reading the kit" />}
        {sets.data?.sets.length === 0 && (
          <p className={ink['quiet']}>
            This kit is not released yet: release it at its Manual station, then it can be sold in parts.
          </p>
        )}
        {(sets.data?.sets.length ?? 0) > 0 && (
          <Select
            id="article-add"
            aria-label="add to the article"
            value=""
            onChange={(event) => {
              add(Number(event.target.value));
            }}
          >
            <option value="">add …</option>
            {sets.data?.sets.map((set, index) => (
              <option key={set.name} value={index}>
                {set.name} ({set.parts.length === 1 ? '1 part' : `${String(set.parts.length)} parts`})
              </option>
            ))}
          </Select>
        )}
        <ul className={styles['lines']}>
          {parts.map((part) => (
            <li key={part.fingerprint}>
              <Input
                className={styles['count']}
                aria-label={`${part.unit === 'mm' ? 'millimetres' : 'pieces'} of ${part.title}`}
                value={part.quantity}
                onChange={(event) => {
                  setParts(
                    parts.map((each) =>
                      each.fingerprint === part.fingerprint ? { ...each, quantity: event.target.value } : each,
                    ),
                  );
                }}
              />
              <span>
                {part.unit === 'mm' ? `mm (${amount(Number(part.quantity) || 0, 'mm')})` : '×'} {part.title}
              </span>
              <Button
                look="link"
                onClick={() => {
                  setParts(parts.filter((each) => each.fingerprint !== part.fingerprint));
                }}
              >
                leave out
              </Button>
            </li>
          ))}
        </ul>
      </fieldset>
      <p>
        <Button type="submit" look="primary" disabled={busy || parts.length === 0}>
          Make the article
        </Button>
      </p>
    </form>
  );
}
