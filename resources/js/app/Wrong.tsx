import { useRouteError } from 'react-router';
import ui from '@/shared/ui/ui.module.css';
import { TextLink } from '@/shared/ui';

/** Shown when a page does not exist or a room breaks. */
export function Wrong() {
  const fault = useRouteError();
  const what = fault instanceof Error ? fault.message : 'There is no such page.';
  return (
    <main className={ui['empty']}>
      <h1>This page cannot be shown</h1>
      <p>{what}</p>
      <p>
        <TextLink to="/shelf">Back to the Shelf</TextLink>. Nothing you saved is lost.
      </p>
    </main>
  );
}
