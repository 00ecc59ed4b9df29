import type { SalesOrder } from '@/shared/api';
import { articleWords, dayWords, money } from '@/shared/format';
import { Button, PrintButton } from '@/shared/ui';
import type { GridColDef } from '@/shared/ui/grid';
import ink from '@/shared/style/ink.module.css';
import { chanceWords } from '../words';
import styles from './sales.module.css';

export type Deed = 'allocate' | 'free' | 'ship';
type Acting = { busy: boolean; onAct: (order: SalesOrder, what: Deed) => void };

const STAGES: Readonly<Record<SalesOrder['stage'], string>> = {
  open: '▲ open',
  allocated: '◧ set aside',
  shipped: '■ shipped',
  cancelled: '◌ cancelled',
};

/** What stands of an order in a line. */
export function orderColumns(): readonly GridColDef<SalesOrder>[] {
  return [
    { field: 'number', headerName: 'number', width: 110, cellClassName: ink['m'] ?? '' },
    { field: 'placedOn', headerName: 'date', width: 105 },
    { field: 'customer', headerName: 'customer', flex: 1, minWidth: 120 },
    {
      field: 'kits',
      headerName: 'what',
      flex: 1.4,
      minWidth: 140,
      sortable: false,
      valueGetter: (_, order) => kits(order),
    },
    {
      field: 'price',
      headerName: 'price',
      width: 110,
      align: 'right',
      headerAlign: 'right',
      sortable: false,
      valueGetter: (_, order) => (order.lines.length === 0 ? '' : money(total(order), order.lines[0]?.currency ?? '')),
    },
    {
      field: 'stage',
      headerName: 'stage',
      width: 150,
      cellClassName: ({ row }) => styles[row.stage] ?? '',
      valueGetter: (_, order) =>
        STAGES[order.stage] + (order.stage === 'open' && order.shipped > 0 ? `, ${String(order.shipped)} shipped` : ''),
    },
    {
      field: 'ships',
      headerName: 'ships',
      flex: 1,
      minWidth: 130,
      sortable: false,
      valueGetter: (_, order) => (order.tracking === '' ? ships(order) : order.tracking),
    },
  ];
}

/** What can be done next with an order. */
export function Next({ order, busy, onAct }: Acting & { order: SalesOrder }) {
  const act = (what: Deed) => () => {
    onAct(order, what);
  };
  return (
    <>
      {order.stage === 'open' && (
        <Button
          disabled={!order.canAllocate || busy}
          title={
            !order.canAllocate
              ? 'Too few on hand'
              : order.promise?.today === true
                ? 'Sets the oldest aside'
                : 'On hand, but an order before it waits for it'
          }
          onClick={act('allocate')}
        >
          Set aside
        </Button>
      )}
      {order.stage === 'allocated' && (
        <Button disabled={busy} onClick={act('ship')}>
          Ship
        </Button>
      )}
      {(order.stage === 'allocated' || order.stage === 'shipped') && (
        <>
          <PrintButton label="Slip" kind="packing-slip" subject={order.id} />
          <PrintButton label="Customs lines" kind="customs-lines" subject={order.id} />
        </>
      )}
      {order.stage === 'allocated' && (
        <Button look="link" disabled={busy} onClick={act('free')}>
          put back
        </Button>
      )}
    </>
  );
}

export function kits(order: SalesOrder): string {
  return order.lines.map((line) => `${String(line.quantity)} × ${articleWords(line)}`).join(', ');
}

/** When an open order ships if those before it ship first, and what it waits for. */
export function ships({ lines, promise }: SalesOrder): string {
  if (promise === null) return '';
  if (promise.today) return 'today';
  if (promise.runs.length > 0) {
    const run = `after run ${promise.runs.map(String).join(', ')}`;
    return promise.day === null ? run : `${dayWords(promise.day)}, ${run}, ${chanceWords(promise.chance ?? 0)}`;
  }
  const missing = promise.missing.map(({ articleId, quantity }) => {
    const line = lines.find((each) => each.articleId === articleId);
    return `${String(quantity)} × ${line ? articleWords(line) : ''}`;
  });
  return missing.length > 0 ? `no run yet: ${missing.join(', ')}` : '';
}

/** Minor units of all lines together. */
export function total(order: SalesOrder): number {
  return order.lines.reduce((sum, line) => sum + line.quantity * line.unitPrice, 0);
}
