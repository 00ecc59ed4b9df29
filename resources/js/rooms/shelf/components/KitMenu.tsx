import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useRevisions, type ShelfRow, type useKitDeed } from '@/shared/api';
import { NewRevision } from './NewRevision';
import { clsx } from 'clsx';
import { Refusal } from '@/shared/ui';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './shelf.module.css';

type Props = { kit: ShelfRow; deed: ReturnType<typeof useKitDeed> };

/** What can be done with a kit as a whole: a new revision, put it aside, take its files, delete what never left the workshop. */
export function KitMenu({ kit, deed }: Props) {
  const [at, setAt] = useState<HTMLElement | null>(null);
  const [asked, ask] = useState<'delete' | 'revisions' | 'new' | null>(null);
  const does = (act: () => void) => () => {
    setAt(null);
    act();
  };
  return (
    <div className={styles['kitmenu']}>
      <Button
        variant="outlined"
        size="small"
        color="inherit"
        disabled={kit.fault !== null || deed.isPending}
        onClick={() => {
          ask('new');
        }}
      >
        New revision
      </Button>
      <Button
        size="small"
        color="inherit"
        aria-haspopup="menu"
        aria-label={`More for ${kit.name}`}
        onClick={(event) => {
          setAt(event.currentTarget);
        }}
      >
        More
      </Button>
      <Menu
        anchorEl={at}
        open={at !== null}
        onClose={() => {
          setAt(null);
        }}
      >
        <MenuItem
          onClick={does(() => {
            deed.mutate({ what: 'kit-aside', kit: kit.id, aside: !kit.aside });
          })}
        >
          {kit.aside ? 'Take back to the Shelf' : 'Put aside'}
        </MenuItem>
        {kit.revisions > 1 && (
          <MenuItem
            onClick={does(() => {
              ask('revisions');
            })}
          >
            Its revisions
          </MenuItem>
        )}
        <MenuItem
          component="a"
          href={`/api/revisions/${String(kit.revisionId)}/take/files.zip`}
          onClick={() => {
            setAt(null);
          }}
        >
          Take the files
        </MenuItem>
        {kit.mayDelete && (
          <MenuItem
            onClick={does(() => {
              ask('delete');
            })}
          >
            Delete
          </MenuItem>
        )}
      </Menu>
      <Dialog
        open={asked === 'delete'}
        onClose={() => {
          ask(null);
        }}
        aria-labelledby="delete-title"
      >
        <DialogTitle id="delete-title">Delete {kit.name}?</DialogTitle>
        <DialogContent>
          It was never released. Its {kit.revisions === 1 ? 'draft' : `${String(kit.revisions)} drafts`} and the files
          they came from are gone for good. To keep them out of the way, put the kit aside.
        </DialogContent>
        <DialogActions>
          <Button
            onClick={() => {
              ask(null);
            }}
          >
            Keep it
          </Button>
          <Button
            color="error"
            variant="contained"
            disabled={deed.isPending}
            onClick={() => {
              deed.mutate(
                { what: 'delete-kit', kit: kit.id },
                {
                  onSettled: () => {
                    ask(null);
                  },
                },
              );
            }}
          >
            Delete {kit.name}
          </Button>
        </DialogActions>
      </Dialog>
      <NewRevision
        kit={kit}
        deed={deed}
        open={asked === 'new'}
        onLeave={() => {
          ask(null);
        }}
      />
      <RevisionList
        kit={kit}
        deed={deed}
        open={asked === 'revisions'}
        onLeave={() => {
          ask(null);
        }}
      />
    </div>
  );
}

function RevisionList({ kit, deed, open, onLeave }: Props & { open: boolean; onLeave: () => void }) {
  const revisions = useRevisions(open ? kit.id : null);
  return (
    <Dialog open={open} onClose={onLeave} aria-labelledby="revisions-title">
      <DialogTitle id="revisions-title">Revisions of {kit.name}</DialogTitle>
      <DialogContent>
        <ul className={styles['revisionlist']}>
          {(revisions.data?.revisions ?? []).map((each) => (
            <li key={each.id}>
              <b className={ink['m']}>{each.revision}</b>{' '}
              <span className={ink['quiet']}>
                {each.released ? 'released' : 'draft'}
                {each.aside ? ', put aside' : ''}, {each.changed.slice(0, 10)}
              </span>
              <span className={clsx(ui['end'], styles['end'])}>
                <Button
                  size="small"
                  disabled={deed.isPending}
                  onClick={() => {
                    deed.mutate({ what: 'revision-aside', revision: each.id, aside: !each.aside });
                  }}
                >
                  {each.aside ? 'Take back' : 'Put aside'}
                </Button>
                {!each.released && (
                  <Button
                    size="small"
                    color="error"
                    disabled={deed.isPending}
                    onClick={() => {
                      deed.mutate({ what: 'delete-revision', revision: each.id });
                    }}
                  >
                    Delete
                  </Button>
                )}
              </span>
            </li>
          ))}
        </ul>
        {deed.error && <Refusal>{deed.error.message}</Refusal>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onLeave}>Leave</Button>
      </DialogActions>
    </Dialog>
  );
}
