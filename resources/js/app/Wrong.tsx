import { Link, useRouteError } from 'react-router';
import ui from '@/shared/ui/ui.module.css';

/** Shown when a page does not exist or a room breaks. */
export function Wrong() {
  const fault = useRouteError();
  const what = fault instanceof Error ? fault.message : 'There is no such page.';
  return (
    <main className={ui['empty']}>
      <h1>This page cannot be shown</h1>
      <p>{what}</p>
      <p>
        <Link to="/shelf">Back to the Shelf</Link>. Nothing you saved is lost.
      </p>
    </main>
  );
}
