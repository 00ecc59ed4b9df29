import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { useOrderDeed, type OrderSheet } from '@/shared/api';
import { Button, Dialog, Input, Refusal, Select } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { NoteField } from './NoteField';
import styles from './sales.module.css';

type Props = { sheet: OrderSheet; onLeave: () => void };

/** What a customer sent back: kits by their serial, goods by how many; others go out for them, or not. */
export function CameBack({ sheet, onLeave }: Props) {
  const { order, gone } = sheet;
  const deed = useOrderDeed(order.id);
  const [serials, setSerials] = useState<readonly string[]>([]);
  const [goods, setGoods] = useState<Readonly<Record<number, string>>>({});
  const [again, setAgain] = useState(true);
  const [note, setNote] = useState('');
  const [operationId] = useState(() => crypto.randomUUID());
  const counted = Object.entries(goods)
    .map(([article, many]) => ({ articleId: Number(article), quantity: Number(many) }))
    .filter(({ quantity }) => Number.isInteger(quantity) && quantity > 0);
  return (
    <Dialog
      open
      wide
      title={`What came back of order ${order.number}`}
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Leave it</Button>
          <Button
            look="primary"
            disabled={deed.isPending || (serials.length === 0 && counted.length === 0)}
            onClick={() => {
              deed.mutate(
                {
                  what: 'return',
                  body: {
                    ...{ operationId, again, note, serials: [...serials] },
                    ...(counted.length > 0 ? { goods: counted } : {}),
                  },
                },
                { onSuccess: onLeave },
              );
            }}
          >
            Take it in
          </Button>
        </>
      }
    >
      {deed.error && <Refusal>{deed.error.message}</Refusal>}
      <div className={styles['dialog']}>
        <div className={styles['gone']}>
          {gone.map(({ articleId, article, serial, quantity }) =>
            serial === null ? (
              <label key={articleId}>
                <Input
                  type="number"
                  aria-label={`how many of ${article} came back`}
                  value={goods[articleId] ?? '0'}
                  onChange={(event) => {
                    setGoods({ ...goods, [articleId]: event.target.value });
                  }}
                />{' '}
                of {quantity} × {article}
              </label>
            ) : (
              <FormControlLabel
                key={serial}
                control={
                  <Checkbox
                    size="small"
                    checked={serials.includes(serial)}
                    onChange={(_, on) => {
                      setSerials(on ? [...serials, serial] : serials.filter((each) => each !== serial));
                    }}
                  />
                }
                label={
                  <>
                    <span className={ink['m']}>{serial}</span> {article}
                  </>
                }
              />
            ),
          )}
        </div>
        <div className={ui['field']}>
          <label htmlFor="return-again">and then</label>
          <Select
            id="return-again"
            value={again ? 'again' : 'money'}
            onChange={(event) => {
              setAgain(event.target.value === 'again');
            }}
          >
            <option value="again">another one is sent</option>
            <option value="money">none is sent, the money goes back</option>
          </Select>
        </div>
        <NoteField id="return-note" label="why it came back" note={note} onNote={setNote} />
        <p className={ink['quiet']}>
          Kits that are back wait in Stock, under Serials, to be looked through: packed again, or scrapped.
        </p>
      </div>
    </Dialog>
  );
}
