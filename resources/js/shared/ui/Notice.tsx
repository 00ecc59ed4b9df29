import type { ReactNode } from 'react';
import ui from '@/shared/ui/ui.module.css';

/** A room that has nothing to show, or cannot: what it is and what to do. */
export function Notice({ title, text, children }: { title: string; text: string; children?: ReactNode }) {
  return (
    <main className={ui['empty']}>
      <h1>{title}</h1>
      <p>{text}</p>
      {children}
    </main>
  );
}
