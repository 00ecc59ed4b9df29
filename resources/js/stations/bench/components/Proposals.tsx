import type { Bench } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button } from '@/shared/ui';
import styles from './bench.module.css';

/** Tests that are not written yet and that a careful builder makes; one press takes one over. */
export function Proposals({
  proposals,
  onAdded,
}: {
  proposals: NonNullable<Bench['proposals']>;
  onAdded: (name: string) => void;
}) {
  const kit = useKit();
  if (proposals.length === 0) return null;
  const add = async ({
    name,
    gate,
    power,
    instrument,
    points,
    settings,
    expect,
    otherwise,
  }: NonNullable<Bench['proposals']>[number]) => {
    const test = { name, gate, power, instrument, points, settings, expect, otherwise };
    if ((await kit.save([{ type: 'test', target: '', field: '', value: test }])) === 'saved') onAdded(test.name);
  };
  return (
    <section className={styles['benchnote']} aria-label="Proposed tests">
      {proposals.map((test) => (
        <p key={test.name}>
          <b>▲ {test.name}?</b> {test.why}{' '}
          {kit.mayEdit && (
            <Button disabled={kit.saving} onClick={() => void add(test)}>
              Add it
            </Button>
          )}
        </p>
      ))}
    </section>
  );
}
