import { useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import {
  OptionsContext,
  useAddFiles,
  useEdit,
  useHeader,
  useMe,
  useUndo,
  type Change,
  type Conflict,
  type Refused,
} from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { KitContext, type Saved, type Side } from '@/shared/kit';
import { Button, DropZone, Notice, OptionChooser, Select } from '@/shared/ui';
import { ConflictDialog } from './ConflictDialog';
import { MattersFoot } from './MattersFoot';
import { STATIONS } from './stations';

/** A kit: the strip of stations, the station, and what is to settle there. */
export function KitFrame() {
  const id = Number(useParams()['revisionId']);
  const header = useHeader(id);
  const me = useMe();
  const edit = useEdit(id);
  const undo = useUndo(id);
  const add = useAddFiles(id);
  const navigate = useNavigate();
  const station = useLocation().pathname.split('/')[3] ?? 'parts';
  const [side, setSide] = useState<Side>('top');
  const [selected, select] = useState<string | null>(null);
  const [why, setWhy] = useState(false);
  const [options, setOptions] = useState('');
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const [fault, setFault] = useState<string | null>(null);
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
      setFault(null);
      return 'saved';
    } catch (why) {
      const refusal = why as Refused;
      refused(refusal);
      return refusal.conflict ? 'conflict' : 'refused';
    }
  };
  const takeBack = () => {
    if (mayEdit && header.data?.undo) undo.mutate(undefined, { onError: refused });
  };
  useKeys({
    ...Object.fromEntries(STATIONS.map((each) => [each.key, () => void navigate(`/kits/${String(id)}/${each.id}`)])),
    f: flip,
    F: flip,
    w: toggleWhy,
    W: toggleWhy,
    'Control+z': takeBack,
  });
  if (header.error) return <Notice title="This kit cannot be shown" text={header.error.message} />;
  if (!header.data)
    return (
      <p className="loading" role="status">
        Reading the kit
      </p>
    );
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
            else
              add.mutate(files, {
                onError: refused,
                onSuccess: () => {
                  setFault(null);
                },
              });
          }}
        >
          <div className="kit">
            <header className="strip">
              <div className="name">
                <b title={header.data.kit}>{header.data.kit}</b>
                <span>
                  revision{' '}
                  {header.data.others.length === 0 ? (
                    header.data.revision
                  ) : (
                    <Select
                      className="revisions"
                      aria-label="Revision"
                      value={id}
                      onChange={(event) => void navigate(`/kits/${event.target.value}/${station}`)}
                    >
                      {[{ id, revision: header.data.revision }, ...header.data.others]
                        .sort((a, b) => b.id - a.id)
                        .map((each) => (
                          <option key={each.id} value={each.id}>
                            {each.revision}
                          </option>
                        ))}
                    </Select>
                  )}
                  , {header.data.released ? `released ${header.data.released.at.slice(0, 10)}` : 'draft'}
                </span>
              </div>
              <nav aria-label="Stations">
                {STATIONS.map((each) => {
                  const open = matters.filter(
                    (matter) => matter.station === each.id && matter.severity !== 'note',
                  ).length;
                  return (
                    <NavLink
                      key={each.id}
                      to={`/kits/${String(id)}/${each.id}`}
                      className={({ isActive }) => (isActive ? 'active' : '')}
                    >
                      <span className="n">{each.key}</span>
                      <b>{each.name}</b>
                      {open > 0 ? (
                        <span className="open">{open} open</span>
                      ) : (
                        <span className="settled">■ settled</span>
                      )}
                    </NavLink>
                  );
                })}
              </nav>
              <div className="tools">
                <OptionChooser options={header.data.options} chosen={options} onChoose={setOptions} />
                <Button
                  disabled={!mayEdit || !header.data.undo || undo.isPending}
                  onClick={takeBack}
                  title={
                    header.data.undo ? `Take back the last edit, by ${header.data.undo.by}` : 'Nothing to take back'
                  }
                >
                  Undo
                </Button>
              </div>
            </header>
            <Outlet />
            <MattersFoot
              station={station}
              matters={matters}
              fault={fault}
              busy={edit.isPending || add.isPending}
              onDismiss={() => {
                setFault(null);
              }}
            />
          </div>
        </DropZone>
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
