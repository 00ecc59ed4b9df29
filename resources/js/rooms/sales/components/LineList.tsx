import { useShop } from '@/shared/api';
import { money } from '@/shared/format';
import { Button, Input } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { fault, sum, type DraftLine } from '../lines';
import styles from './sales.module.css';

type Props = { lines: readonly DraftLine[]; onLines: (lines: DraftLine[]) => void };

/** What an order asks for so far, each line with how many and at what price. */
export function LineList({ lines, onLines }: Props) {
  const shop = useShop();
  if (lines.length === 0) return null;
  const put = (id: string, now: Partial<DraftLine>) => {
    onLines(lines.map((line) => (line.id === id ? { ...line, ...now } : line)));
  };
  return (
    <ol className={styles['lines']} aria-label="What is ordered">
      {lines.map((line) => (
        <li key={line.id}>
          <Input
            aria-label={`how many of ${line.words}`}
            type="number"
            value={line.quantity}
            onChange={(event) => {
              put(line.id, { quantity: event.target.value });
            }}
          />
          <span>× {line.words}</span>
          <label>
            <span className={ink['quiet']}>at</span>{' '}
            <Input
              aria-label={`price of one ${line.words}`}
              value={line.price}
              onChange={(event) => {
                put(line.id, { price: event.target.value });
              }}
            />
          </label>
          <Button
            look="link"
            aria-label={`take out ${line.words}`}
            onClick={() => {
              onLines(lines.filter(({ id }) => id !== line.id));
            }}
          >
            take out
          </Button>
          {fault(line) !== '' && (
            <p className={ui['wrong']} role="alert">
              {fault(line)}
            </p>
          )}
        </li>
      ))}
      <li className={ink['quiet']}>together {money(sum(lines), lines[0]?.currency || (shop.data?.currency ?? ''))}</li>
    </ol>
  );
}
