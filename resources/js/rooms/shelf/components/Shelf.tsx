import { useCallback, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useImport, useKitDeed, useMe, useReach, useShelf, type ShelfRow } from '@/shared/api';
import { Button, DropZone, FileButton, Input, Notice, Pager, useWanted, Refusal } from '@/shared/ui';
import { ByHand, forgetTyped } from './ByHand';
import { ImportLine } from './ImportLine';
import { KitRow } from './KitRow';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './shelf.module.css';

/** The kits: each as a row with its board, what is open and what to do next; a file dropped anywhere makes a new kit. */
export function Shelf() {
  const { wanted, text, setText, turn } = useWanted();
  const [aside, setAside] = useState(false);
  const shelf = useShelf(wanted, aside);
  const reach = useReach((shelf.data?.kits ?? []).map(({ id }) => id));
  const me = useMe();
  const navigate = useNavigate();
  const deed = useKitDeed();
  const typed = useRef(false);
  const made = useCallback(
    (row: ShelfRow) => {
      if (typed.current) forgetTyped();
      void navigate(`/kits/${String(row.revisionId)}/parts`);
    },
    [navigate],
  );
  const incoming = useImport(made);
  const [dropped, setDropped] = useState<readonly File[]>([]);
  const mayEdit = me.data?.abilities.includes('edit-kits') ?? false;
  const take = (files: readonly File[], said: Readonly<{ designatorColumn?: number; list?: string }> = {}) => {
    typed.current = false;
    incoming.leave();
    setDropped(files);
    incoming.start.mutate({ files, ...said });
  };
  if (shelf.error) return <Notice title="The Shelf cannot be shown" text={shelf.error.message} />;
  const shown = shelf.data;
  const busy = incoming.start.isPending || incoming.now?.status === 'queued' || incoming.now?.status === 'running';
  return (
    <DropZone
      label="Drop a parts list, a ZIP or the files of a kit folder: a new kit"
      onFiles={(files) => {
        take(files);
      }}
    >
      <main className={styles['shelf']}>
        <div className={styles['head']}>
          <h1>Shelf</h1>
          <span className={ink['quiet']}>
            {shown ? `${String(shown.total)} ${shown.total === 1 ? 'kit' : 'kits'}${aside ? ' put aside' : ''}` : ''}
          </span>
          <label className={ink['sr']} htmlFor="shelf-filter">
            Filter kits
          </label>
          <Input
            id="shelf-filter"
            className={ui['filter']}
            placeholder="Filter"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
          {(aside || (shown?.aside ?? 0) > 0) && (
            <Button
              look="link"
              aria-pressed={aside}
              onClick={() => {
                setAside(!aside);
                turn(1);
              }}
            >
              {aside ? 'back to the Shelf' : `${String(shown?.aside ?? 0)} put aside`}
            </Button>
          )}
          <span className={clsx(ui['end'], styles['end'])}>
            {mayEdit && (
              <ByHand
                disabled={busy}
                onList={(file) => {
                  take([file]);
                  typed.current = true;
                }}
              />
            )}
            {mayEdit && (
              <FileButton
                label={busy ? 'Reading the files' : 'New kit from files'}
                primary
                disabled={busy}
                onFiles={(files) => {
                  take(files);
                }}
              />
            )}
          </span>
        </div>
        <ImportLine
          incoming={incoming}
          files={dropped}
          onColumn={(column) => {
            take(dropped, { designatorColumn: column });
          }}
          onList={(list) => {
            take(dropped, { list });
          }}
        />
        {deed.error && (
          <Refusal
            onDismiss={() => {
              deed.reset();
            }}
          >
            {deed.error.message}
          </Refusal>
        )}
        {shown?.total === 0 && !aside && wanted.search === '' ? (
          <div className={ui['empty']}>
            <h2>No kits yet</h2>
            <p>
              Drop a parts list here: a CSV from your board editor, or a spreadsheet. A placement file beside it puts
              the parts on the board. A ZIP of a kit folder brings all at once.
            </p>
            {mayEdit && (
              <Button
                disabled={deed.isPending}
                onClick={() => {
                  deed.mutate({ what: 'demo' });
                }}
              >
                Show me with the demo kit
              </Button>
            )}
          </div>
        ) : (
          <ul className={styles['kits']}>
            {(shown?.kits ?? []).map((kit) => (
              <KitRow key={kit.id} kit={kit} reach={reach.data?.get(kit.id)} mayEdit={mayEdit} deed={deed} />
            ))}
            {shown?.kits.length === 0 && (
              <li className={ink['quiet']}>{aside ? 'Nothing is put aside.' : 'No kit with these letters.'}</li>
            )}
          </ul>
        )}
        {shown && <Pager of="the Shelf" page={shown.page} pages={shown.pages} total={shown.total} onPage={turn} />}
        {mayEdit && !aside && (shown?.total ?? 0) > 0 && (
          <p className={styles['hint']}>
            Drop a parts list, a ZIP or the files of a kit folder anywhere on this page: a new kit. CSV with comma,
            semicolon or tab, and XLSX are read.
          </p>
        )}
      </main>
    </DropZone>
  );
}
