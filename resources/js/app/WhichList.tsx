import { Button, Dialog } from '@/shared/ui';
import styles from './WhichList.module.css';

/** Files that were dropped, and those tables among them that may be the parts list. */
export type Which = { files: readonly File[]; lists: readonly string[] };

type Props = { which: Which | null; onChoose: (list: string) => void; onClose: () => void };

/** Several lists dropped at once on an open kit: the maker says which is the kit's; the others stay out. */
export function WhichList({ which, onChoose, onClose }: Props) {
  return (
    <Dialog
      open={which !== null}
      title="Which one is the parts list?"
      onLeave={onClose}
      actions={<Button onClick={onClose}>None of them</Button>}
    >
      <p>
        Any of these tables may be it. The one you choose takes the place of the list of this draft; undo brings it
        back.
      </p>
      <ul className={styles['lists']}>
        {which?.lists.map((list) => (
          <li key={list}>
            <Button
              onClick={() => {
                onChoose(list);
              }}
            >
              {list}
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
