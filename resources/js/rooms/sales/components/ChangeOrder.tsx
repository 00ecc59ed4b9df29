import { useState } from 'react';
import { useOrderDeed, type OrderSheet } from '@/shared/api';
import { Button, Dialog, Refusal } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import { drafted, fault, given, type DraftLine } from '../lines';
import { useLineDraft } from '../useLineDraft';
import { LineAdder } from './LineAdder';
import { LineList } from './LineList';
import { NoteField } from './NoteField';
import styles from './sales.module.css';

type Props = { sheet: OrderSheet; onLeave: () => void };

/** Says anew what an order asks for; what stood before stays in its book. */
export function ChangeOrder({ sheet, onLeave }: Props) {
  const { order } = sheet;
  const deed = useOrderDeed(order.id);
  const [lines, setLines] = useState<DraftLine[]>(() => drafted(order));
  const [note, setNote] = useState('');
  const [seen] = useState(sheet.seen);
  const [operationId] = useState(() => crypto.randomUUID());
  const draft = useLineDraft();
  const all = draft.line === null ? lines : [...lines, { ...draft.line, id: 'chosen' }];
  const good = all.length > 0 && all.every((line) => fault(line) === '');
  return (
    <Dialog
      open
      wide
      title={`What order ${order.number} asks for`}
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Leave it</Button>
          <Button
            look="primary"
            disabled={deed.isPending || !good}
            onClick={() => {
              deed.mutate(
                { what: 'change', body: { operationId, seen, note, lines: all.map(given) } },
                { onSuccess: onLeave },
              );
            }}
          >
            Change the order
          </Button>
        </>
      }
    >
      {deed.error && <Refusal>{deed.error.message}</Refusal>}
      <div className={styles['dialog']}>
        <LineList lines={lines} onLines={setLines} />
        <LineAdder
          id="change"
          draft={draft}
          legend={lines.length === 0 ? 'What is ordered' : 'And'}
          missing={false}
          onAdd={() => {
            if (draft.line) setLines([...lines, { ...draft.line, id: crypto.randomUUID() }]);
            draft.clear();
          }}
        />
        <NoteField id="change-note" label="why, for the book" note={note} onNote={setNote} />
        {order.allocated > 0 && (
          <p className={ink['quiet']}>Where fewer are asked for than are set aside, all of it goes back first.</p>
        )}
      </div>
    </Dialog>
  );
}
