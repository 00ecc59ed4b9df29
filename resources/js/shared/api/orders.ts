import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asFields, type Refused } from './client';
import { data } from './data';
import { pageQuery, type Wanted } from './paging';
import type {
  Body,
  Customers,
  OrdersBooked,
  OrderSheet,
  OrderStrip,
  OrderTable,
  SalesOrder,
  SalesOrders,
} from './types';

export function useSales(wanted: Wanted) {
  return useQuery<SalesOrders>({
    queryKey: ['orders', wanted],
    queryFn: () => data(api.get('/orders', { params: { query: pageQuery(wanted) } })),
    placeholderData: (before) => before,
  });
}

/** What is to ship, in its turn. */
export function useOrderStrip() {
  return useQuery<OrderStrip>({ queryKey: ['orders', 'strip'], queryFn: () => data(api.get('/orders/strip')) });
}

/** All that is known of one order. */
export function useOrderSheet(order: number | null) {
  return useQuery<OrderSheet>({
    enabled: order !== null,
    queryKey: ['orders', 'sheet', order],
    queryFn: () => data(api.get('/orders/{order}', { params: { path: { order: order ?? 0 } } })),
  });
}

export function useCustomers(search: string) {
  return useQuery<Customers>({
    enabled: search.trim().length > 1,
    queryKey: ['orders', 'customers', search],
    queryFn: () => data(api.get('/customers', { params: { query: { search, rows: 20 } } })),
    placeholderData: (before) => before,
  });
}

/** Every room that counts kits looks again. */
function useLookAgain() {
  const queries = useQueryClient();
  return () => Promise.all(['orders', 'stock', 'shelf'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
}

export type OrderGiven = Body<'/orders'>;
type Sale =
  | { what: 'book'; order: OrderGiven }
  | { what: 'allocate' | 'free'; id: number }
  | { what: 'ship'; id: number; tracking?: string };

/** Anything that brings one order further; the answer is that order. */
export function useSale() {
  const again = useLookAgain();
  return useMutation<SalesOrder, Refused, Sale>({
    mutationFn: (sale) => {
      if (sale.what === 'book') return data(api.post('/orders', { body: sale.order }));
      const params = { path: { order: sale.id } };
      const operationId = crypto.randomUUID();
      return data(
        sale.what === 'ship'
          ? api.post('/orders/{order}/ship', { params, body: { operationId, tracking: sale.tracking ?? '' } })
          : api.post(`/orders/{order}/${sale.what}`, { params, body: { operationId } }),
      );
    },
    onSuccess: again,
  });
}

type Deed =
  | { what: 'change'; body: Body<'/orders/{order}/change'> }
  | { what: 'cancel'; body: Body<'/orders/{order}/cancel'> }
  | { what: 'return'; body: Body<'/orders/{order}/return'> }
  | { what: 'tracking'; body: Body<'/orders/{order}/tracking'> };

/** Anything that changes what an order is; the answer is its sheet. */
export function useOrderDeed(order: number) {
  const again = useLookAgain();
  const queries = useQueryClient();
  const params = { path: { order } };
  return useMutation<OrderSheet, Refused, Deed>({
    mutationFn: (deed) => {
      if (deed.what === 'change') return data(api.post('/orders/{order}/change', { params, body: deed.body }));
      if (deed.what === 'cancel') return data(api.post('/orders/{order}/cancel', { params, body: deed.body }));
      if (deed.what === 'return') return data(api.post('/orders/{order}/return', { params, body: deed.body }));
      return data(api.post('/orders/{order}/tracking', { params, body: deed.body }));
    },
    onSuccess: (sheet) => {
      queries.setQueryData(['orders', 'sheet', order], sheet);
      return again();
    },
    // Somebody else may have been first: what stands there now is shown.
    onError: () => queries.invalidateQueries({ queryKey: ['orders', 'sheet', order] }),
  });
}

/** Serves an order before another; none: after all. */
export function useOrderTurn() {
  const queries = useQueryClient();
  return useMutation<OrderStrip, Refused, { order: number; before: number | null }>({
    mutationFn: ({ order, before }) =>
      data(
        api.post('/orders/{order}/turn', {
          params: { path: { order } },
          body: { operationId: crypto.randomUUID(), before },
        }),
      ),
    onSuccess: (strip) => {
      queries.setQueryData(['orders', 'strip'], strip);
      return queries.invalidateQueries({ queryKey: ['orders', 'sheet'] });
    },
  });
}

/** How a table of orders is to be read, where it does not say so itself. */
export type TableReading = Readonly<{
  columns?: Readonly<Record<string, number>>;
  names?: Readonly<Record<string, number>>;
  dates?: 'day' | 'month';
  changes?: boolean;
}>;

function fields({ columns, names, dates, changes }: TableReading): Record<string, string> {
  return {
    ...(columns ? { columns: JSON.stringify(columns) } : {}),
    ...(names ? { names: JSON.stringify(names) } : {}),
    ...(dates ? { dates } : {}),
    ...(changes === true ? { changes: '1' } : {}),
  };
}

/** What a table would book, row by row. */
export function useOrderTable() {
  return useMutation<OrderTable, Refused, { file: File; reading: TableReading }>({
    mutationFn: ({ file, reading }) => api.form('/orders/file/read', fields(reading), asFields([file])),
  });
}

/** Books the good orders of a table. */
export function useBookTable() {
  const again = useLookAgain();
  return useMutation<OrdersBooked, Refused, { file: File; reading: TableReading }>({
    mutationFn: ({ file, reading }) => api.form('/orders/file', fields(reading), asFields([file])),
    onSuccess: again,
  });
}
