import { useMemo, useState } from 'react';
import { useBags, useBagTrial, useParts, useScale, type Paper, useMe } from '@/shared/api';
import { BoardView } from '@/shared/board';
import { useKeys } from '@/shared/keys';
import { useKit, useShowPart } from '@/shared/kit';
import { Segment, Segments, Select, Split, TableActions, Loading, useView, Views } from '@/shared/ui';
import { bagOf, freshName, names, rowsOf } from '../model';
import { useBagDrag } from '../useBagDrag';
import { BagColumn } from './BagColumn';
import { CutSheet } from './CutSheet';
import { FirstKit } from './FirstKit';
import { Ties } from './Ties';
import { TwoWays } from './TwoWays';
import { Weighings } from './Weighings';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { BagPrints } from './BagPrints';
import styles from './bags.module.css';

const SCHOOLS = [
  ['by-kind', 'by kind'],
  ['by-step', 'by step'],
  ['by-side', 'by side'],
  ['parts-and-hardware', 'parts, hardware'],
  ['by-cost', 'by cost'],
] as const;

const VIEWS = [
  { id: 'bags', name: 'Bags' },
  { id: 'cut', name: 'Cutting' },
  { id: 'weigh', name: 'Weighing' },
] as const;

const NONE: string[] = [];

/** The Bags station: bags with their parts, ties between look-alikes that must not meet, labels and tick list. */
export function Bags() {
  const kit = useKit();
  const bags = useBags(kit.id);
  const parts = useParts(kit.id);
  const me = useMe();
  const [chosenPaper, setPaper] = useState<Paper | null>(null);
  const paper = chosenPaper ?? me.data?.shop.paper ?? 'A4';
  const alike = useMemo(
    () => new Map((parts.data?.lines ?? []).flatMap((line) => line.designators.map((name) => [name, line] as const))),
    [parts.data],
  );
  const move = (designator: string, bag: string | null) => {
    if (bag !== null && bags.data && bagOf(bags.data, designator) === bag) return;
    void kit.save([{ type: 'bag', target: designator, field: '', value: bag }]);
  };
  const drag = useBagDrag(move);
  const scale = useScale(kit.id);
  const trial = useBagTrial(kit.id, drag.grip, drag.target);
  const [view, openView] = useView<'bags' | 'cut' | 'weigh'>(['bags', 'cut', 'weigh']);
  useShowPart(bags.data !== undefined);
  useKeys({
    Escape: () => {
      kit.select(null);
    },
  });
  if (!bags.data) return <Loading what="Planning the bags" fault={bags.error} />;
  const plan = bags.data;
  const chosen = kit.selected;
  const here = chosen ? plan.bags.find((bag) => bag.items.some((item) => item.designators.includes(chosen))) : null;
  const foes = (chosen ? alike.get(chosen)?.alike : null) ?? NONE;
  const more = (chosen ? (alike.get(chosen)?.alikeInAll ?? 0) : 0) - foes.length;
  return (
    <Split
      start={440}
      work={
        <>
          <div className={ui['bar']}>
            <Segments label="How parts are sorted">
              {SCHOOLS.map(([id, name]) => (
                <Segment
                  key={id}
                  pressed={plan.school === id}
                  disabled={!kit.mayEdit || kit.saving}
                  onPress={() => void kit.save([{ type: 'setting', target: '', field: 'bagging', value: id }])}
                >
                  {name}
                </Segment>
              ))}
            </Segments>
            <span>
              <b>{plan.bags.filter((bag) => bag.size !== 'box').length}</b> bags
              {plan.cost !== undefined && (
                <>
                  , <b>{plan.cost}</b> a kit
                </>
              )}
            </span>
            {plan.conflicts.length > 0 && <span className={ink['ochre']}>▲ {plan.conflicts.length} must not meet</span>}
            <span className={ui['end']}>
              <TableActions name={`${kit.header.kit} bags`} rows={() => rowsOf(plan)} />
            </span>
          </div>
          <div className={ui['bar']}>
            <BagPrints kit={kit.id} paper={paper} onPaper={setPaper} />
            {chosen && kit.mayEdit && (
              <span className={ui['end']}>
                <label htmlFor="bag-of-part">
                  <b className={ink['m']}>{chosen}</b> into
                </label>
                <Select
                  id="bag-of-part"
                  className={ui['filter']}
                  value={here?.name ?? ''}
                  disabled={kit.saving}
                  onChange={(event) => {
                    move(chosen, event.target.value);
                  }}
                >
                  {plan.bags.map((bag) => (
                    <option key={bag.name} value={bag.name}>
                      bag {bag.name}
                    </option>
                  ))}
                  <option value={freshName(plan)}>a new bag, {freshName(plan)}</option>
                </Select>
              </span>
            )}
          </div>
          <Views label="Packing" views={VIEWS} view={view} onView={openView} />
          {view === 'cut' && <CutSheet paper={paper} />}
          {view === 'weigh' &&
            (scale.data ? <Weighings scale={scale.data} /> : <Loading what="Weighing" fault={scale.error} />)}
          <div className={ui['scroll']} tabIndex={0} role="region" aria-label="Bags" hidden={view !== 'bags'}>
            {plan.bags.length === 0 && (
              <p className={ui['loading']}>
                No part to bag yet. Drop a parts list on the Parts station; bags are planned from it.
              </p>
            )}
            <div className={styles['bagroom']}>
              {plan.bags.map((bag) => (
                <BagColumn
                  key={bag.name}
                  bag={bag}
                  scale={scale.data?.bags.find((each) => each.name === bag.name) ?? null}
                  trial={drag.target === bag.name ? (trial.data ?? null) : null}
                  conflicts={plan.conflicts.filter((conflict) => conflict.bag === bag.name)}
                  selected={chosen}
                  foes={foes}
                  target={drag.target === bag.name}
                  mayEdit={kit.mayEdit && !kit.saving}
                  onPick={kit.select}
                  onGrip={drag.start}
                  onBack={(designator) => {
                    move(designator, null);
                  }}
                  why={kit.why}
                />
              ))}
              {drag.grip !== null && (
                <div
                  className={
                    drag.target === freshName(plan)
                      ? clsx(styles['bag'], styles['fresh'], styles['target'])
                      : clsx(styles['bag'], styles['fresh'])
                  }
                  data-bag={freshName(plan)}
                >
                  drop here for a new bag, {freshName(plan)}
                  {drag.target === freshName(plan) && trial.data && `: ${trial.data.change} a kit`}
                </div>
              )}
              <Ties from={chosen} to={foes} key={`${plan.school} ${String(plan.bags.length)} ${chosen ?? ''}`} />
            </div>
          </div>
        </>
      }
      pane={
        <>
          <BoardView lit={here ? new Set(here.items.flatMap((item) => item.designators)) : null} />
          <div className={clsx(ui['caption'], ui['above'])}>
            {here ? (
              <>
                <b>Bag {here.name}</b>
                <span className={ink['quiet']}>
                  {here.title}, {here.items.reduce((sum, item) => sum + item.quantity, 0)} pieces
                </span>
              </>
            ) : (
              <span className={ink['quiet']}>
                Pick a part: its bag lights up on the board, its look-alikes are tied to it.
              </span>
            )}
          </div>
          {chosen && foes.length > 0 && (
            <p className={clsx(styles['foes'], ink['ochre'])}>
              ▲ {chosen} looks like {names(foes).split(' ').join(', ')}
              {more > 0 && ` and ${String(more)} more`}:{' '}
              {plan.school === 'by-cost' ? 'in one bag both are on the strip' : 'they never share a bag'}.
            </p>
          )}
          {plan.bags.length > 0 && <FirstKit plan={plan} />}
          {plan.bags.length > 0 && plan.ways && <TwoWays ways={plan.ways} />}
        </>
      }
    />
  );
}
