import { useState, type SyntheticEvent } from 'react';
import type { Change } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Input } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './manual.module.css';

type Props = { name: string; parts: readonly string[]; onDone: () => void };

/** A block of the circuit: its name and the parts in it, as designators. */
export function BlockForm({ name, parts, onDone }: Props) {
  const kit = useKit();
  const [title, setTitle] = useState(name);
  const [text, setText] = useState(parts.join(', '));
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (title.trim() === '') return;
    const renamed = name !== '' && name !== title.trim();
    const changes: Change[] = [{ type: 'block', target: title.trim(), field: '', value: text }];
    if (renamed) changes.unshift({ type: 'block', target: name, field: '', value: null });
    if ((await kit.save(changes)) !== 'refused') onDone();
  };
  const remove = async () => {
    if ((await kit.save([{ type: 'block', target: name, field: '', value: null }])) !== 'refused') onDone();
  };
  return (
    <form
      className={styles['blockform']}
      aria-label={name === '' ? 'A new block' : `Block ${name}`}
      onSubmit={(event) => void save(event)}
    >
      <label>
        block
        <Input
          value={title}
          maxLength={60}
          required
          onChange={(event) => {
            setTitle(event.target.value);
          }}
          onKeyDown={(event) => {
            event.stopPropagation();
          }}
        />
      </label>
      <label>
        its parts
        <Input
          className={clsx(ink['m'], styles['m'])}
          value={text}
          placeholder="D1, C1, R1-R3"
          onChange={(event) => {
            setText(event.target.value);
          }}
          onKeyDown={(event) => {
            event.stopPropagation();
          }}
        />
      </label>
      <p>
        <Button type="submit" look="primary" disabled={kit.saving || title.trim() === ''}>
          Save the block
        </Button>{' '}
        <Button onClick={onDone}>Leave</Button>{' '}
        {name !== '' && (
          <Button look="link" disabled={kit.saving} onClick={() => void remove()}>
            take it out
          </Button>
        )}
      </p>
    </form>
  );
}
