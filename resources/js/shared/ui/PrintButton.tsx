import { useEffect, useRef, useState } from 'react';
import { useExport, type ExportKind, type Paper } from '@/shared/api';
import { Button } from './Button';
import { LinkButton } from './LinkButton';
import { NoCode } from './NoCode';
import { Progress } from './Progress';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';

/** What carries the code of the builder's page. */
const CODED: readonly ExportKind[] = ['bag-labels', 'kit-labels', 'manual'];

type Props = {
  label: string;
  name?: string;
  kind: ExportKind;
  subject: number;
  paper?: Paper;
  /** for how many kits, where that matters */ kits?: number;
  /** which one, for a single label */ piece?: string;
};

/** Has something printed to PDF in the background: progress while it is made, a way to stop it, the file when it is done. */
export function PrintButton({ label, name, kind, subject, paper, kits, piece }: Props) {
  const { start, made, cancel } = useExport();
  const [dismissed, setDismissed] = useState<number | null>(null);
  const link = useRef<HTMLAnchorElement>(null);
  const done = made?.status === 'done' && made.id !== dismissed;
  useEffect(() => {
    if (done) link.current?.focus();
  }, [done]);
  if (made && (made.status === 'queued' || made.status === 'running')) {
    return (
      <span className={ui['printing']} role="status">
        <Progress value={made.progress} label={label} />{' '}
        {made.status === 'queued' ? 'waiting' : `${String(made.progress)} %`}
        <Button look="link" onClick={() => void cancel()}>
          Stop
        </Button>
      </span>
    );
  }
  if (made && done) {
    return (
      <LinkButton
        ref={link}
        data-on=""
        href={`/api/exports/${String(made.id)}/file`}
        download
        onClick={() => {
          setDismissed(made.id);
        }}
      >
        Save {made.name}
      </LinkButton>
    );
  }
  const fault = start.error?.message ?? (made?.status === 'failed' ? made.fault : null);
  return (
    <>
      {fault && (
        <span className={ink['ochre']} role="alert">
          ▲ {fault}
        </span>
      )}
      <Button
        aria-label={name === undefined ? undefined : `${label}: ${name}`}
        disabled={start.isPending}
        onClick={() => {
          start.mutate({
            kind,
            subject,
            ...(paper ? { paper } : {}),
            ...(kits === undefined ? {} : { kits }),
            ...(piece === undefined ? {} : { piece }),
          });
        }}
      >
        {label}
      </Button>
      {CODED.includes(kind) && <NoCode />}
    </>
  );
}
