import type { SalesOrder } from '@/shared/api';
import { Press } from '@/shared/ui';
import { kits } from './orderColumns';
import { SQUARES, squares, type Day } from '../strip';
import ink from '@/shared/style/ink.module.css';
import styles from './strip.module.css';

type Props = {
  order: SalesOrder;
  fill: Day['fill'];
  isOpen: boolean;
  /** what is dragged is put before it */ isTarget: boolean;
  onGrip: (x: number, y: number) => void;
  onOpen: () => void;
};

/** An order as a bundle: a square for each kit, inked where it lies ready. */
export function Bundle({ order, fill, isOpen, isTarget, onGrip, onOpen }: Props) {
  const many = squares(order);
  return (
    <Press
      className={styles['bundle']}
      aria-pressed={isOpen}
      data-order={order.id}
      data-target={isTarget ? '' : undefined}
      onPointerDown={(event) => {
        onGrip(event.clientX, event.clientY);
      }}
      onClick={onOpen}
    >
      <b className={ink['m']}>{order.number}</b> <span>{order.customer}</span>
      <span className={ink['sr']}>{kits(order)}</span>
      <span className={styles['squares']} aria-hidden>
        {Array.from({ length: Math.min(many, SQUARES) }, (_, at) => (
          <i key={at} data-fill={fill} />
        ))}
        {many > SQUARES && <span>and {many - SQUARES} more</span>}
      </span>
    </Press>
  );
}
