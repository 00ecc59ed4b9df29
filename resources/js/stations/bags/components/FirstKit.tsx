import { useState } from 'react';
import type { Bags } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input, Segment, Segments, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bags.module.css';

type Props = { plan: Bags };

/** The first kit, packed and built from the printed list alone: what was over or missing, to be put right before the second. */
export function FirstKit({ plan }: Props) {
  const kit = useKit();
  const [part, setPart] = useState('');
  const [pieces, setPieces] = useState('');
  const first = plan.firstKit ?? { done: false, off: [] };
  const items = plan.bags.flatMap((bag) => bag.items);
  const called = new Map(
    items.flatMap((item) =>
      item.designators.map((name) => [name, name.startsWith('~') ? `${item.value} ${item.kindName}` : name] as const),
    ),
  );
  const count = Number(pieces);
  const ready = part !== '' && pieces !== '' && Number.isInteger(count) && count !== 0;
  const write = (target: string, value: number | boolean | null) =>
    kit.save([{ type: 'first-kit', target, field: '', value }]);
  const add = () => {
    if (!ready) return;
    void write(part, count).then(() => {
      setPart('');
      setPieces('');
    });
  };
  return (
    <section className={styles['first']} aria-label="First kit">
      <h2>First kit</h2>
      <p className={ink['quiet']}>
        Pack one kit from the printed tick list and build it, before the second is packed. What is over or missing then,
        the list got wrong.
      </p>
      <Segments label="The first kit">
        {[false, true].map((done) => (
          <Segment
            key={String(done)}
            pressed={first.done === done}
            disabled={!kit.mayEdit || kit.saving}
            onPress={() => void write('', done ? true : null)}
          >
            {done ? 'packed and built' : 'not yet'}
          </Segment>
        ))}
      </Segments>
      <ul>
        {first.off.map((each) => (
          <li key={each.part}>
            <b className={ink['m']}>{called.get(each.part) ?? each.part}</b>: {Math.abs(each.pieces)}{' '}
            {each.pieces > 0 ? 'over' : 'missing'}{' '}
            {kit.mayEdit && (
              <Button look="link" disabled={kit.saving} onClick={() => void write(each.part, null)}>
                put right
              </Button>
            )}
          </li>
        ))}
      </ul>
      {kit.mayEdit && (
        <div className={clsx(ui['bar'], styles['firstform'])}>
          <label htmlFor="first-part">Part</label>
          <Select
            id="first-part"
            value={part}
            onChange={(event) => {
              setPart(event.target.value);
            }}
          >
            <option value="">choose</option>
            {[...called].map(([name, text]) => (
              <option key={name} value={name}>
                {text}
              </option>
            ))}
          </Select>
          <label htmlFor="first-pieces">pieces, + over, − missing</label>
          <Input
            id="first-pieces"
            inputMode="numeric"
            value={pieces}
            onChange={(event) => {
              setPieces(event.target.value.replace(/[−–]/g, '-').replace(/[^-+\d]/g, ''));
            }}
          />
          <Button disabled={!ready || kit.saving} onClick={add}>
            Write it down
          </Button>
        </div>
      )}
    </section>
  );
}
