import type { SyntheticEvent } from 'react';
import type { BenchTest, Change } from '@/shared/api';
import { useKeptText } from '@/shared/keep';
import { useKit } from '@/shared/kit';
import { Button, Input } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

/** What a gate expects where no test measures it. */
export function GateForm({ gate }: { gate: BenchTest }) {
  const kit = useKit();
  const [kept, write] = useKeptText(`gate ${String(kit.id)} ${gate.name}`);
  const expect = kept ?? gate.expect;
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    const changes: Change[] = [{ type: 'test', target: gate.name, field: 'gate', value: expect.trim() }];
    if ((await kit.save(changes)) === 'saved') write(null);
  };
  return (
    <form className={styles['testform']} aria-label={`Gate ${gate.name}`} onSubmit={(event) => void save(event)}>
      <p>This gate has no test that says where to measure. Add one that belongs to it, or say here what it expects.</p>
      <div className={ui['field']}>
        <label htmlFor="gate-expect">expects</label>
        <Input
          id="gate-expect"
          value={expect}
          disabled={!kit.mayEdit}
          onChange={(event) => {
            write(event.target.value);
          }}
        />
      </div>
      {gate.fault !== '' && (
        <p className={ink['ochre']} role="alert">
          ▲ {gate.fault}
        </p>
      )}
      {kit.mayEdit && (
        <p className={styles['acts']}>
          <Button type="submit" look="primary" disabled={kit.saving || expect.trim() === gate.expect}>
            Save
          </Button>
        </p>
      )}
    </form>
  );
}
