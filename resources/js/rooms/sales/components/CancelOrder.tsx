import { useState } from 'react';
import { useOrderDeed, type OrderSheet } from '@/shared/api';
import { Button, Dialog, Refusal } from '@/shared/ui';
import { NoteField } from './NoteField';
import { kits } from './orderColumns';

type Props = { sheet: OrderSheet; onLeave: () => void };

/** Cancels what of an order has not left. */
export function CancelOrder({ sheet, onLeave }: Props) {
  const { order } = sheet;
  const deed = useOrderDeed(order.id);
  const [note, setNote] = useState('');
  const [seen] = useState(sheet.seen);
  const [operationId] = useState(() => crypto.randomUUID());
  return (
    <Dialog
      open
      title={`Cancel order ${order.number}?`}
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Leave it</Button>
          <Button
            look="primary"
            disabled={deed.isPending}
            onClick={() => {
              deed.mutate({ what: 'cancel', body: { operationId, seen, note } }, { onSuccess: onLeave });
            }}
          >
            Cancel the order
          </Button>
        </>
      }
    >
      {deed.error && <Refusal>{deed.error.message}</Refusal>}
      <p>
        {order.customer}: {kits(order)}.
        {order.shipped > 0 && ` ${String(order.shipped)} have left and stay as they are; the rest is cancelled.`}
        {order.allocated > 0 && ' What is set aside goes back into stock.'}
        {sheet.source === 'report' && ' The pieces go back into their bin.'} It can be taken up again.
      </p>
      <NoteField id="cancel-note" label="why, for the book" note={note} onNote={setNote} />
    </Dialog>
  );
}
