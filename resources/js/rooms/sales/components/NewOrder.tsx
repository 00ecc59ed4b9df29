import { useState } from 'react';
import { FIRST, useArticles, useHeader, type Article, type OrderGiven, type ShelfRow } from '@/shared/api';
import { dealt, money, repriced } from '@/shared/format';
import { Button, KitChooser, OptionChooser, Select } from '@/shared/ui';
import { LinesField, TextField, useKeptForm } from '@/shared/ui/form';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import { ORDER, orderWords } from '../model';
import { GoodsChooser } from './GoodsChooser';
import styles from './sales.module.css';

/** `onSave` says whether the order is booked; until then its words stay. */
type Props = { busy: boolean; onSave: (order: OrderGiven) => Promise<boolean>; onLeave: () => void };

const FIELDS = [
  ['number', 'order number', 'text'],
  ['placedOn', 'date', 'date'],
  ['customer', 'customer', 'text'],
  ['email', 'mail address', 'email'],
  ['quantity', 'how many', 'number'],
  ['price', 'price of one', 'text'],
] as const;

/** What is ordered: a kit by itself, in a class pack of so many, or goods that are made of parts. */
const FORMS = ['1', '5 kind', '5 pupil', '10 kind', '10 pupil', '20 kind', '20 pupil', 'goods'] as const;
type Form = (typeof FORMS)[number];

function parted(form: Form) {
  const [size = '1', dealing] = form.split(' ');
  return {
    packSize: form === 'goods' ? 1 : (Number(size) as 1 | 5 | 10 | 20),
    ...(dealing === undefined ? {} : { dealing: dealing as 'kind' | 'pupil' }),
  };
}

function formWords(form: Form): string {
  if (form === '1') return 'single kits';
  if (form === 'goods') return 'a board, case, spare or parcel alone';
  const { packSize, dealing } = parted(form);
  return `class packs of ${String(packSize)}, ${dealt(dealing ?? '')}`;
}

/** An order typed in by hand. */
export function NewOrder({ busy, onSave, onLeave }: Props) {
  const { form, forget } = useKeptForm({ name: 'new order', schema: ORDER, from: orderWords(new Date()) });
  const [options, setOptions] = useState('');
  const [soldAs, setSoldAs] = useState<Form>('1');
  const [goods, setGoods] = useState<Article | null>(null);
  const [kit, setKit] = useState<ShelfRow | null>(null);
  // One id for one order: pressed three times it is booked once.
  const [operationId] = useState(() => crypto.randomUUID());
  const header = useHeader(kit?.revisionId ?? null);
  const known = useArticles({ ...FIRST, rows: 100, search: kit?.name ?? '' }, kit !== null && soldAs !== 'goods');
  const { packSize, dealing = '' } = parted(soldAs);
  const listed =
    soldAs === 'goods' || kit === null
      ? undefined
      : known.data?.articles.find(
          (each) =>
            each.kit === kit.name && each.options === options && each.packSize === packSize && each.dealing === dealing,
        );
  const send = form.handleSubmit(async (words) => {
    const quantity = Number(words.quantity);
    const what =
      soldAs === 'goods' ? goods && { articleId: goods.id } : kit && { kitId: kit.id, options, ...parted(soldAs) };
    if (what !== null && (await onSave({ ...words, operationId, quantity, ...what }))) forget();
  });
  return (
    <form className={styles['neworder']} noValidate onSubmit={(event) => void send(event)} aria-label="New order">
      {FIELDS.map(([field, label, type]) => (
        <TextField key={field} form={form} name={field} id={`order-${field}`} label={label} type={type} />
      ))}
      <div className={ui['field']}>
        {soldAs === 'goods' ? (
          <GoodsChooser
            id="order-goods"
            article={goods}
            missing={form.formState.isSubmitted && goods === null}
            onChoose={(chosen) => {
              setGoods(chosen);
              if (chosen?.unitPrice != null) form.setValue('price', (chosen.unitPrice / 100).toFixed(2));
            }}
          />
        ) : (
          <KitChooser
            id="order-kit"
            label="kit"
            kit={kit}
            missing={form.formState.isSubmitted && kit === null}
            onChoose={(chosen) => {
              setKit(chosen);
              setOptions('');
            }}
          />
        )}
        {listed?.unitPrice != null && (
          <span>
            priced at {money(listed.unitPrice, listed.currency ?? '')}{' '}
            <Button
              look="link"
              onClick={() => {
                form.setValue('price', ((listed.unitPrice ?? 0) / 100).toFixed(2));
              }}
            >
              take it
            </Button>
          </span>
        )}
      </div>
      <div className={ui['field']}>
        <label htmlFor="order-size">sold as</label>
        <Select
          id="order-size"
          value={soldAs}
          onChange={(event) => {
            setSoldAs(FORMS.find((each) => each === event.target.value) ?? '1');
          }}
        >
          {FORMS.map((each) => (
            <option key={each} value={each}>
              {formWords(each)}
            </option>
          ))}
        </Select>
      </div>
      {soldAs !== 'goods' && header.data && header.data.options.length > 0 && (
        <div className={ui['field']}>
          <span>with</span>
          <span>
            <OptionChooser
              options={header.data.options}
              chosen={options}
              onChoose={(chosen) => {
                form.setValue('price', repriced(form.getValues('price'), header.data.options, options, chosen));
                setOptions(chosen);
              }}
            />
          </span>
        </div>
      )}
      <LinesField
        form={form}
        name="address"
        id="order-address"
        label="address"
        rows={2}
        className={clsx(ui['wide'], styles['wide'])}
      />
      <p className={clsx(ui['wide'], styles['wide'])}>
        <Button type="submit" look="primary" disabled={busy}>
          Book the order
        </Button>{' '}
        <Button
          onClick={() => {
            forget();
            onLeave();
          }}
        >
          Drop it
        </Button>
      </p>
    </form>
  );
}
