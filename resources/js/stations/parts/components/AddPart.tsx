import { useState } from 'react';
import type { Change } from '@/shared/api';
import { useKeptTexts } from '@/shared/keep';
import { useKit } from '@/shared/kit';
import { Button, Dialog, Input } from '@/shared/ui';
import ui from '@/shared/ui/ui.module.css';
import styles from './parts.module.css';

const FIELDS = [
  { id: 'designator', name: 'designators', hint: 'R1-R3, R7; empty for screws and wire' },
  { id: 'quantity', name: 'quantity', hint: 'where designators do not count, 4 or 0.6 m' },
  { id: 'value', name: 'value', hint: '10k 5 %' },
  { id: 'package', name: 'package', hint: 'Axial 1/4W' },
  { id: 'description', name: 'description', hint: 'carbon film resistor' },
] as const;

/** A row of the parts list typed by hand; what is typed stays until it is in the list. */
export function AddPart() {
  const kit = useKit();
  const [open, setOpen] = useState(false);
  const [refused, refuse] = useState(false);
  const [typed, write] = useKeptTexts(`new part ${String(kit.id)}`);
  const cells = typed ?? {};
  const said = Object.entries(cells).filter(([, text]) => text.trim() !== '');
  const add = async () => {
    const change = { type: 'row', target: '', field: '', value: Object.fromEntries(said) } as Change;
    const done = await kit.save([change]);
    refuse(done !== 'saved');
    if (done === 'saved') write(null);
  };
  if (!kit.mayEdit) return null;
  return (
    <p className={styles['add']}>
      <Button
        look="link"
        onClick={() => {
          setOpen(true);
        }}
      >
        Add a part
      </Button>
      <Dialog
        open={open}
        title="Add a part"
        onLeave={() => {
          setOpen(false);
        }}
        actions={
          <>
            <Button
              onClick={() => {
                setOpen(false);
              }}
            >
              Done
            </Button>
            <Button look="primary" disabled={said.length === 0 || kit.saving} onClick={() => void add()}>
              Put it into the list
            </Button>
          </>
        }
      >
        <form
          className={styles['byhand']}
          onSubmit={(event) => {
            event.preventDefault();
            if (said.length > 0) void add();
          }}
        >
          {FIELDS.map((field) => (
            <label key={field.id}>
              <span>{field.name}</span>
              <Input
                className={ui['filter']}
                autoComplete="off"
                maxLength={300}
                placeholder={field.hint}
                value={cells[field.id] ?? ''}
                onChange={(event) => {
                  write({ ...cells, [field.id]: event.target.value });
                }}
              />
            </label>
          ))}
          {refused && (
            <p className={ui['wrong']} role="alert">
              It is not in the list. Why, the line at the foot of the page says; what you typed is kept.
            </p>
          )}
        </form>
      </Dialog>
    </p>
  );
}
