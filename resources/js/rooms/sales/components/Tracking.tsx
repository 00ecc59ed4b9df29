import { useState } from 'react';
import { useOrderDeed, type OrderSheet } from '@/shared/api';
import { Button, Dialog, Input, Refusal } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';

type Props = { sheet: OrderSheet; onLeave: () => void };

/** By which number the carrier knows the parcel, where it was not known when it left. */
export function Tracking({ sheet, onLeave }: Props) {
  const { order } = sheet;
  const deed = useOrderDeed(order.id);
  const [tracking, setTracking] = useState(order.tracking);
  const [operationId] = useState(() => crypto.randomUUID());
  return (
    <Dialog
      open
      title={`Tracking number of order ${order.number}`}
      onLeave={onLeave}
      actions={
        <>
          <Button onClick={onLeave}>Leave it</Button>
          <Button
            look="primary"
            disabled={deed.isPending || tracking.trim() === '' || tracking === order.tracking}
            onClick={() => {
              deed.mutate({ what: 'tracking', body: { operationId, tracking } }, { onSuccess: onLeave });
            }}
          >
            Note it
          </Button>
        </>
      }
    >
      {deed.error && <Refusal>{deed.error.message}</Refusal>}
      <div className={ui['field']}>
        <label htmlFor="order-tracking">as the carrier writes it</label>
        <Input
          id="order-tracking"
          value={tracking}
          maxLength={80}
          onChange={(event) => {
            setTracking(event.target.value);
          }}
        />
      </div>
    </Dialog>
  );
}
