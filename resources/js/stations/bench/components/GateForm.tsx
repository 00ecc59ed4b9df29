import { useState, type SyntheticEvent } from 'react';
import type { BenchTest } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './bench.module.css';

/** What a gate expects where no test measures it. */
export function GateForm({ gate }: { gate: BenchTest }) {
  const kit = useKit();
  const [expect, setExpect] = useState(gate.expect);
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    await kit.save([{ type: 'test', target: gate.name, field: 'gate', value: expect.trim() }]);
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
            setExpect(event.target.value);
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
