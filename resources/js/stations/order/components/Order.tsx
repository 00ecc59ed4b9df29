import { useEffect, useState } from 'react';
import { useOrder, type Override } from '@/shared/api';
import { useKeys } from '@/shared/keys';
import { useFacing, useKit, useShowPart } from '@/shared/kit';
import { Notice, Split, useView, Loading } from '@/shared/ui';
import { BoardView } from '@/shared/board';
import { CircleNotice } from './CircleNotice';
import { Compare } from './Compare';
import { CostLine } from './CostLine';
import { OrderBar } from './OrderBar';
import { StepList } from './StepList';
import { StepPane } from './StepPane';
import { isCycle, withMove, withoutParts, type Grip, type Target } from '../model';
import { useDrag } from '../useDrag';
import { useTrial } from '../useTrial';
import ui from '@/shared/ui/ui.module.css';

/** The Order station: the steps as a stair of heights, the board, and the skyline of the board on the table. */
export function Order() {
  const kit = useKit();
  const order = useOrder(kit.id);
  const [at, setAt] = useState(0);
  const [view, open] = useView(['steps', 'compare']);
  const comparing = view === 'compare';
  const [waiting, setWaiting] = useState<Override[] | null>(null);
  const trial = useTrial(kit.id);
  const data = order.data;
  const circle = data && isCycle(data) ? data : null;
  const plan = data && isCycle(data) ? data.order : data;
  const [looked, look] = useState(false);
  const drawn = circle !== null && !looked;
  const steps = plan?.steps ?? [];
  const index = Math.min(at, Math.max(0, steps.length - 1));
  const step = steps[index];
  useFacing(step?.number ?? null, step?.side);
  // A save that ends late leaves a move alone that was begun since.
  const saveOverrides = async (overrides: readonly Override[]) => {
    const asked = trial.newest();
    await kit.save([{ type: 'order', target: '', field: '', value: overrides.length === 0 ? null : [...overrides] }]);
    if (asked !== trial.newest()) return;
    setWaiting(null);
    trial.forget();
  };
  const moved = (grip: Grip, target: Target) => withMove(plan?.overrides ?? [], steps, grip, target);
  const drag = useDrag({
    onTarget: (grip, target) => {
      trial.ask(moved(grip, target));
    },
    onDrop: (grip, target) => void saveOverrides(moved(grip, target)),
    onCancel: trial.forget,
  });
  const wanted = useShowPart(data !== undefined);
  const holder =
    wanted === null ? -1 : steps.findIndex(({ parts }) => parts.some((part) => part.designator === wanted));
  useEffect(() => {
    if (holder >= 0) setAt(holder);
  }, [holder]);
  const go = (next: number) => {
    setAt(Math.max(0, Math.min(steps.length - 1, next)));
  };
  const nudge = (by: -1 | 1) => {
    if (!step || !kit.mayEdit || step.parts.length === 0) return;
    const names = step.parts.map((part) => part.designator);
    const one = kit.selected !== null && names.includes(kit.selected) && names.length > 1 ? [kit.selected] : names;
    const overrides = moved({ parts: one, from: index }, { kind: 'gap', before: by < 0 ? index - 1 : index + 2 });
    setWaiting(overrides);
    trial.ask(overrides);
  };
  useKeys({
    ArrowDown: () => {
      go(index + 1);
    },
    ArrowUp: () => {
      go(index - 1);
    },
    'Alt+ArrowDown': () => {
      nudge(1);
    },
    'Alt+ArrowUp': () => {
      nudge(-1);
    },
    Escape: () => {
      setWaiting(null);
      trial.forget();
      kit.select(null);
    },
  });
  if (order.error) return <Notice title="The order cannot be shown" text={order.error.message} />;
  if (!data) return <Loading what="Working out the order" />;
  return (
    <Split
      work={
        <>
          {circle && (
            <CircleNotice
              circle={circle}
              shown={drawn}
              onShow={() => {
                look(false);
              }}
            />
          )}
          {plan && (
            <OrderBar
              order={plan}
              comparing={comparing}
              onCompare={() => {
                open(comparing ? 'steps' : 'compare');
              }}
            />
          )}
          {(trial.cost || waiting) && (
            <CostLine
              cost={trial.cost}
              waiting={waiting !== null}
              onKeep={() => {
                if (waiting) void saveOverrides(waiting);
              }}
              onBack={() => {
                setWaiting(null);
                trial.forget();
              }}
            />
          )}
          {comparing ? (
            <Compare revisionId={kit.id} />
          ) : plan ? (
            <StepList
              order={plan}
              current={index}
              grip={drag.grip}
              target={drag.target}
              onStep={(next) => {
                look(true);
                setAt(next);
              }}
              onGrip={(grip, x, y) => {
                if (kit.mayEdit) drag.start(grip, x, y);
              }}
              onReset={(parts) => void saveOverrides(withoutParts(plan.overrides, parts))}
            />
          ) : null}
        </>
      }
      pane={
        drawn ? (
          <BoardView lit={new Set(circle.cycle)} drawn={circle.drawn} />
        ) : step ? (
          <StepPane steps={steps} index={index} />
        ) : (
          <p className={ui['loading']}>There is no part to solder yet.</p>
        )
      }
    />
  );
}
