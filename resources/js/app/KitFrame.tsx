import { useEffect, useState } from 'react';
import { Outlet, useLocation, useNavigate, useParams } from 'react-router';
import {
  OptionsContext,
  useAddFiles,
  useEdit,
  useHeader,
  useMe,
  useTurn,
  type Change,
  type Conflict,
  type Refused,
} from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { KitContext, type Saved, type Side } from '@/shared/kit';
import { DropZone, Notice, Loading } from '@/shared/ui';
import { ConflictDialog } from './ConflictDialog';
import { KitStrip } from './KitStrip';
import { AFTER, fetchStations } from './doors';
import { MattersFoot } from './MattersFoot';
import { STATIONS } from './stations';
import { WhichList, type Which } from './WhichList';
import styles from './KitFrame.module.css';

/** A kit: the strip of stations, the station, and what is to settle there. */
export function KitFrame() {
  const id = Number(useParams()['revisionId']);
  const header = useHeader(id);
  const me = useMe();
  const edit = useEdit(id);
  const turn = useTurn(id);
  const add = useAddFiles(id);
  const navigate = useNavigate();
  const station = useLocation().pathname.split('/')[3] ?? 'parts';
  const [side, setSide] = useState<Side>('top');
  const [selected, select] = useState<string | null>(null);
  const [why, setWhy] = useState(false);
  const [options, setOptions] = useState('');
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [saved, setSaved] = useState(0);
  const [which, setWhich] = useState<Which | null>(null);
  useEffect(() => {
    const waiting = setTimeout(fetchStations, AFTER);
    return () => {
      clearTimeout(waiting);
    };
  }, []);
  const released = Boolean(header.data?.released);
  const mayEdit = !released && (me.data?.abilities.includes('edit-kits') ?? false);
  const flip = () => {
    setSide((now) => (now === 'top' ? 'bottom' : 'top'));
  };
  const toggleWhy = () => {
    setWhy((now) => !now);
  };
  const refused = (why: Refused) => {
    if (why.conflict) setConflict(why.conflict);
    else setFault(why.message);
  };
  const save = async (changes: readonly Change[]): Promise<Saved> => {
    try {
      await edit.mutateAsync(changes);
      setSaved((now) => now + 1);
      setFault(null);
      return 'saved';
    } catch (why) {
      const refusal = why as Refused;
      refused(refusal);
      return refusal.conflict ? 'conflict' : 'refused';
    }
  };
  const drop = (files: readonly File[], list?: string) => {
    setWhich(null);
    add.mutate(list === undefined ? { files } : { files, list }, {
      onError: (why) => {
        if (why.lists.length > 0) setWhich({ files, lists: why.lists });
        else refused(why);
      },
      onSuccess: () => {
        setFault(null);
      },
    });
  };
  const takeTurn = (way: 'undo' | 'redo') => {
    if (!mayEdit || !header.data?.[way]) return;
    // What the foot offers to take back is the edit it spoke of, not the one before.
    setSaved(0);
    turn.mutate(way, { onError: refused });
  };
  useKeys({
    ...Object.fromEntries(STATIONS.map((each) => [each.key, () => void navigate(`/kits/${String(id)}/${each.id}`)])),
    f: flip,
    F: flip,
    w: toggleWhy,
    W: toggleWhy,
    'Control+z': () => {
      takeTurn('undo');
    },
    'Control+y': () => {
      takeTurn('redo');
    },
    'Control+Z': () => {
      takeTurn('redo');
    },
  });
  if (header.error) return <Notice title="This kit cannot be shown" text={header.error.message} />;
  if (!header.data) return <Loading what="Reading the kit" />;
  const matters = header.data.matters;
  return (
    <OptionsContext value={options}>
      <KitContext
        value={{
          id,
          header: header.data,
          mayEdit,
          side,
          flip,
          selected,
          select,
          why,
          toggleWhy,
          save,
          saving: edit.isPending,
          drop,
        }}
      >
        <DropZone
          label="Drop a parts list, a placement file, layer files or kit.json to put them into this draft"
          onFiles={(files) => {
            if (!mayEdit)
              setFault(
                released
                  ? 'This revision is released and does not change any more; begin a new revision on the Shelf.'
                  : 'Your account may look at this but not change it.',
              );
            else drop(files);
          }}
        >
          <div className={styles['kit']}>
            <KitStrip
              id={id}
              header={header.data}
              station={station}
              options={options}
              onOptions={setOptions}
              still={!mayEdit || turn.isPending}
              onTurn={takeTurn}
            />
            <Outlet />
            <MattersFoot
              id={id}
              station={station}
              matters={matters}
              fault={fault}
              busy={edit.isPending || add.isPending}
              saved={saved}
              onUndo={
                mayEdit && header.data.undo
                  ? () => {
                      takeTurn('undo');
                    }
                  : null
              }
              onDismiss={() => {
                setFault(null);
              }}
            />
          </div>
        </DropZone>
        <WhichList
          which={which}
          onChoose={(list) => {
            if (which) drop(which.files, list);
          }}
          onClose={() => {
            setWhich(null);
          }}
        />
        <ConflictDialog
          conflict={conflict}
          onKeepTheirs={() => {
            setConflict(null);
            void header.refetch();
          }}
          onSaveMine={async () => {
            const mine = conflict?.mine ?? [];
            setConflict(null);
            await header.refetch();
            if (mine.length > 0) await save(mine);
          }}
        />
      </KitContext>
    </OptionsContext>
  );
}
