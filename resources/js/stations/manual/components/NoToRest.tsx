import { useState } from 'react';
import type { Safety } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Dialog } from '@/shared/ui';
import styles from './manual.module.css';

/** A no to all questions that nobody has answered and no part answers, after they were read once more. */
export function NoToRest({ open }: { open: readonly Safety['questions'][number][] }) {
  const kit = useKit();
  const [asked, ask] = useState(false);
  const leave = () => {
    ask(false);
  };
  return (
    <>
      <Button
        disabled={kit.saving}
        onClick={() => {
          ask(true);
        }}
      >
        No to the rest
      </Button>
      <Dialog
        open={asked}
        title="Is there nothing of this in the kit?"
        onLeave={leave}
        actions={
          <>
            <Button onClick={leave}>I look again</Button>
            <Button
              look="primary"
              disabled={kit.saving}
              onClick={() => {
                void kit
                  .save(open.map(({ hazard }) => ({ type: 'hazard', target: hazard, field: '', value: false })))
                  .then((saved) => {
                    if (saved !== 'refused') leave();
                  });
              }}
            >
              Nothing of it
            </Button>
          </>
        }
      >
        <ul className={styles['rest']}>
          {open.map(({ hazard, question }) => (
            <li key={hazard}>{question}</li>
          ))}
        </ul>
      </Dialog>
    </>
  );
}
