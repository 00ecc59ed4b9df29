import { useState } from 'react';
import { Button } from '@/shared/ui';
import styles from './reports.module.css';

/** What a letter quotes and its signature, out of the way. */
export function Folded({ text }: { text: string }) {
  const [open, setOpen] = useState(false);
  return (
    <div>
      <Button
        look="link"
        aria-expanded={open}
        onClick={() => {
          setOpen(!open);
        }}
      >
        {open ? 'fold what they quote' : 'what they quote'}
      </Button>
      {open && <pre className={styles['folded']}>{text}</pre>}
    </div>
  );
}
