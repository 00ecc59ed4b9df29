import type { Change } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button } from '@/shared/ui';
import { TextField, useKeptForm } from '@/shared/ui/form';
import ink from '@/shared/style/ink.module.css';
import { BLOCK } from '../forms';
import styles from './manual.module.css';

type Props = { name: string; parts: readonly string[]; onDone: () => void };

/** A block of the circuit: its name and the parts in it, as designators. */
export function BlockForm({ name, parts, onDone }: Props) {
  const kit = useKit();
  const { form, forget } = useKeptForm({
    name: `block ${String(kit.id)} ${name}`,
    schema: BLOCK,
    from: { title: name, parts: parts.join(', ') },
  });
  const done = () => {
    forget();
    onDone();
  };
  const save = form.handleSubmit(async (words) => {
    const changes: Change[] = [{ type: 'block', target: words.title, field: '', value: words.parts }];
    if (name !== '' && name !== words.title) changes.unshift({ type: 'block', target: name, field: '', value: null });
    if ((await kit.save(changes)) !== 'refused') done();
  });
  const remove = async () => {
    if ((await kit.save([{ type: 'block', target: name, field: '', value: null }])) !== 'refused') done();
  };
  return (
    <form
      className={styles['blockform']}
      aria-label={name === '' ? 'A new block' : `Block ${name}`}
      noValidate
      onSubmit={(event) => void save(event)}
    >
      <TextField form={form} name="title" id="block-title" label="block" maxLength={60} />
      <TextField
        form={form}
        name="parts"
        id="block-parts"
        label="its parts"
        placeholder="D1, C1, R1-R3"
        control={ink['m']}
      />
      <p>
        <Button type="submit" look="primary" disabled={kit.saving}>
          Save the block
        </Button>{' '}
        <Button onClick={done}>Leave</Button>{' '}
        {name !== '' && (
          <Button look="link" disabled={kit.saving} onClick={() => void remove()}>
            take it out
          </Button>
        )}
      </p>
    </form>
  );
}
