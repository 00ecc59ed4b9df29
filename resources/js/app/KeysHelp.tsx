import { useState } from 'react';
import { useKeys } from '@/shared/keys';
import { Button, Dialog } from '@/shared/ui';
import { STATIONS } from './stations';
import styles from './KeysHelp.module.css';

const KEYS: readonly (readonly [string, string])[] = [
  [STATIONS.map((each) => each.key).join(' '), STATIONS.map((each) => each.name).join(', ')],
  ['F', 'turn the board over'],
  ['W', 'why: rule, numbers, origin'],
  ['/', 'find a part, a kit, or what a marking means'],
  ['↑ ↓', 'up and down a list'],
  ['Enter', 'edit, open, answer'],
  ['Alt ↑ ↓', 'Order: move the step; with a part chosen, the part'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Y', 'redo'],
  ['Esc', 'out'],
  ['Space P S', 'Pilot build: step done, stopwatch, snag'],
  ['Space Z S L', 'Packing: in the bag, one back, it runs short, another lot'],
  ['?', 'this list'],
];

/** All keys, on `?`. */
export function KeysHelp() {
  const [open, setOpen] = useState(false);
  useKeys({
    '?': () => {
      setOpen(true);
    },
  });
  const leave = () => {
    setOpen(false);
  };
  return (
    <Dialog open={open} title="Keys" onLeave={leave} actions={<Button onClick={leave}>Close</Button>}>
      <div className={styles['keyhelp']}>
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
      </div>
    </Dialog>
  );
}
