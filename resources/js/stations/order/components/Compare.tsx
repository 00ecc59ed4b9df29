import { useQuery } from '@tanstack/react-query';
import { api, type Circle, type Order } from '@/shared/api';
import { minutes } from '@/shared/format';
import { isCycle, SCORE_FIELDS } from '../model';
import { TableCell, Table, TableBody, TableHead, TableRow, Loading } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './order.module.css';

const read = async (id: number, school: 'lowest-first' | 'kind-by-kind'): Promise<Order | Circle> => {
  const path =
    school === 'lowest-first'
      ? ('/revisions/{revision}/documents/order-lowest-first' as const)
      : ('/revisions/{revision}/documents/order-kind-by-kind' as const);
  const { data } = await api.get(path, { params: { path: { revision: id } } });
  if (!data) throw new Error('The comparison did not arrive; try again.');
  return data;
};

/** Two schools side by side: scores, then steps. */
export function Compare({ revisionId }: { revisionId: number }) {
  const lowest = useQuery({
    queryKey: ['revision', revisionId, 'compare', 'lowest'],
    queryFn: () => read(revisionId, 'lowest-first'),
  });
  const kinds = useQuery({
    queryKey: ['revision', revisionId, 'compare', 'kinds'],
    queryFn: () => read(revisionId, 'kind-by-kind'),
  });
  const [a, b] = [lowest.data, kinds.data];
  if (!a || !b) return <Loading what="Working out both orders" />;
  if (isCycle(a) || isCycle(b)) return null;
  return (
    <div
      className={clsx(ui['scroll'], styles['compare'])}
      tabIndex={0}
      role="region"
      aria-label="Two schools side by side"
    >
      <Table className={ui['table']}>
        <TableHead>
          <TableRow>
            <TableCell component="th" scope="col">
              what it costs
            </TableCell>
            <TableCell component="th" scope="col" className={ui['num']}>
              lowest first
            </TableCell>
            <TableCell component="th" scope="col" className={ui['num']}>
              kind by kind
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {SCORE_FIELDS.map((field) => (
            <TableRow key={field.key}>
              <TableCell>{field.name}</TableCell>
              <TableCell className={ui['num']}>
                {a.score[field.key] < b.score[field.key] ? <b>{a.score[field.key]}</b> : a.score[field.key]}
              </TableCell>
              <TableCell className={ui['num']}>
                {b.score[field.key] < a.score[field.key] ? <b>{b.score[field.key]}</b> : b.score[field.key]}
              </TableCell>
            </TableRow>
          ))}
          <TableRow>
            <TableCell>time</TableCell>
            <TableCell className={ui['num']}>{minutes(a.minutes)}</TableCell>
            <TableCell className={ui['num']}>{minutes(b.minutes)}</TableCell>
          </TableRow>
        </TableBody>
      </Table>
      <div className={styles['columns']}>
        {[a, b].map((order) => (
          <ol key={order.school}>
            {order.steps.map((step) => (
              <li key={step.number}>
                {step.title}{' '}
                <span className={clsx(ink['m'], styles['m'], ink['quiet'])}>
                  {step.parts.map((part) => part.designator).join(' ')}
                </span>
              </li>
            ))}
          </ol>
        ))}
      </div>
    </div>
  );
}
