import type { ChangeField, Order } from '@/shared/api';
import { minutes } from '@/shared/format';
import { useKit } from '@/shared/kit';
import { RouteButton, Button, Segment, Segments, Select } from '@/shared/ui';
import { clsx } from 'clsx';
import ui from '@/shared/ui/ui.module.css';
import styles from './order.module.css';

const SCHOOLS = [
  { id: 'lowest-first', name: 'Lowest first' },
  { id: 'kind-by-kind', name: 'Kind by kind' },
  { id: 'block-by-block', name: 'Block by block' },
] as const;

/** What stands in no step: `contents 11 min, tidying 8 min`. */
function beside(planned: Order['planned']): string {
  return Object.entries(planned.beside)
    .filter(([, each]) => each > 0)
    .map(([what, each]) => `${what} ${minutes(each)}`)
    .join(', ');
}

/** School and group size, what hangs, how long it takes. */
export function OrderBar({ order, comparing, onCompare }: { order: Order; comparing: boolean; onCompare: () => void }) {
  const kit = useKit();
  const set = (field: ChangeField<'setting'>, value: string | number) =>
    void kit.save([{ type: 'setting', target: '', field, value }]);
  // Releases made before the document named the setting tell it by their steps.
  const group =
    order.group ??
    Math.max(1, ...order.steps.filter((step) => step.action === 'solder').map((step) => step.parts.length));
  return (
    <div className={clsx(ui['bar'], styles['orderbar'])}>
      <Segments label="School">
        {SCHOOLS.map((school) => (
          <Segment
            key={school.id}
            pressed={order.school === school.id}
            disabled={!kit.mayEdit || kit.saving}
            onPress={() => {
              set('school', school.id);
            }}
          >
            {school.name}
          </Segment>
        ))}
      </Segments>
      <label>
        up to{' '}
        <Select
          className={clsx(ui['filter'], styles['filter'], styles['group'])}
          aria-label="Parts in a step"
          value={String(group)}
          disabled={!kit.mayEdit || kit.saving}
          onChange={(event) => {
            set('group', Number(event.target.value));
          }}
        >
          {[...new Set([1, 2, 3, 4, 6, 8, 12, group])]
            .sort((a, b) => a - b)
            .map((count) => (
              <option key={count} value={count}>
                {count}
              </option>
            ))}
        </Select>{' '}
        a step
      </label>
      <span className={clsx(ui['end'], styles['end'])}>
        <span>
          <b>{order.score.hanging}</b> {order.score.hanging === 1 ? 'hangs' : 'hang'},{' '}
          <b title={`${order.planned.text}: steps ${minutes(order.minutes)}, ${beside(order.planned)}`}>
            {order.planned.short}
          </b>
          {order.planned.elapsed === '' ? '' : `, with waits ${order.planned.elapsed}`}
        </span>
        <RouteButton to={`/kits/${String(kit.id)}/pilot`} title="Build one with a stopwatch">
          Pilot
        </RouteButton>
        <Button look={comparing ? 'on' : 'plain'} aria-pressed={comparing} onClick={onCompare}>
          Compare
        </Button>
      </span>
    </div>
  );
}
