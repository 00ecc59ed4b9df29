import { useState } from 'react';
import { useMe, useRelease } from '@/shared/api';
import { useKit } from '@/shared/kit';
import { Button, Refusal, OutLink } from '@/shared/ui';
import { ReleaseDialog } from './ReleaseDialog';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './manual.module.css';

/** Release: what stands in its way, the act itself, and afterwards the address of the builder's page. */
export function ReleaseBox() {
  const kit = useKit();
  const me = useMe();
  const release = useRelease(kit.id);
  const [asked, ask] = useState(false);
  const blocking = kit.header.matters.filter((matter) => matter.severity === 'block');
  const released = kit.header.released;
  if (released) {
    return (
      <section className={styles['release']} aria-label="Release">
        <h2>■ Released on {released.at.slice(0, 10)}</h2>
        <p>
          Nothing in this revision changes any more. Serial numbers begin with{' '}
          <b className={clsx(ink['m'], styles['m'])}>
            {released.code}-{kit.header.revision}
          </b>
          .
        </p>
        <p>
          <OutLink href={released.address} target="_blank" rel="noreferrer">
            The builder’s page of this revision
          </OutLink>
        </p>
      </section>
    );
  }
  return (
    <section className={styles['release']} aria-label="Release">
      <h2>
        {blocking.length === 0
          ? 'Ready for release'
          : `${String(blocking.length)} ${blocking.length === 1 ? 'matter blocks' : 'matters block'} release`}
      </h2>
      {blocking.length > 0 ? (
        <ul>
          {blocking.map((matter) => (
            <li key={matter.message} className={ink['ochre']}>
              ▲ {matter.message} <span className={ink['quiet']}>{matter.station}</span>
            </li>
          ))}
        </ul>
      ) : (
        <p>
          A released revision is frozen with its order, callouts, bags and words. Kits are packed from it; changes go
          into a new revision.
        </p>
      )}
      <ReleaseDialog
        open={asked}
        onLeave={() => {
          ask(false);
        }}
        onRelease={() => {
          ask(false);
          release.mutate();
        }}
      />
      {release.error && <Refusal>{release.error.message}</Refusal>}
      {me.data?.abilities.includes('release-kits') && (
        <Button
          look="primary"
          disabled={blocking.length > 0 || release.isPending}
          onClick={() => {
            ask(true);
          }}
        >
          {release.isPending ? 'Freezing' : `Release revision ${kit.header.revision}`}
        </Button>
      )}
    </section>
  );
}
