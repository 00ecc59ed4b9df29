import Dialog from '@mui/material/Dialog';
import { useState } from 'react';
import { useKeys } from '@/shared/keys';
import { Button } from '@/shared/ui';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 2 3 4', 'Parts, Board, Order, Marks'],
  ['F', 'turn the board over'],
  ['W', 'why: rule, numbers, origin'],
  ['/', 'find a part, a kit, or what a marking means'],
  ['↑ ↓', 'up and down a list'],
  ['Enter', 'edit, open, answer'],
  ['Alt ↑ ↓', 'Order: move the step; with a part chosen, the part'],
  ['Ctrl Z', 'undo'],
  ['Esc', 'out'],
];

/** All keys, on `?`. */
export function KeysHelp() {
  const [open, setOpen] = useState(false);
  useKeys({
    '?': () => {
      setOpen(true);
    },
  });
  return (
    <Dialog
      open={open}
      onClose={() => {
        setOpen(false);
      }}
      aria-labelledby="keys-title"
    >
      <div className="keyhelp">
        <h2 id="keys-title">Keys</h2>
        <dl>
          {KEYS.map(([key, act]) => (
            <div key={key} style={{ display: 'contents' }}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{act}</dd>
            </div>
          ))}
        </dl>
        <Button
          onClick={() => {
            setOpen(false);
          }}
        >
          Close
        </Button>
      </div>
    </Dialog>
  );
}
