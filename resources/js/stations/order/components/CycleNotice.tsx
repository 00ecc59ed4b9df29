import type { Cycle } from '@/shared/api';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './order.module.css';

/** Rules that contradict each other, with what can be taken back. */
export function CycleNotice({ cycle }: { cycle: Cycle }) {
  return (
    <main className={ui['empty']}>
      <h1>These wait for each other</h1>
      <p className={clsx(ink['m'], styles['m'])}>{cycle.cycle.join(' → ')}</p>
      <p>There is no order until one of these is taken back in kit.json:</p>
      <ul>
        {cycle.relax.map((rule) => (
          <li key={rule}>{rule}</li>
        ))}
      </ul>
      <p>Mend the file and drop it here, or undo the last edit.</p>
    </main>
  );
}
