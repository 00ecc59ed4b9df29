import { useMemo, useState } from 'react';
import { useBoards, useManual, type BoardPart, type Stack, type Stacks } from '@/shared/api';
import { BoardPane, type Pin } from '@/shared/board';
import { Button, Press, Segment, Segments } from '@/shared/ui';
import type { Side } from '@/shared/kit';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import { placed } from '../model';
import styles from './wall.module.css';

type Props = {
  stacks: Stacks;
  revisionId: number | null;
  /** the stack whose letter is open */ open: number | null;
  onOpen: (stack: Stack) => void;
};

/** Letters pinned where they belong: on the board, at a step of the stair, or below, where nobody knows yet. */
export function Wall({ stacks, revisionId, open, onOpen }: Props) {
  const boards = useBoards(revisionId ?? 0);
  const manual = useManual(revisionId ?? 0);
  const [chosen, choose] = useState<string | null>(null);
  const [side, turn] = useState<Side>('top');
  const parts = useMemo(
    () => (revisionId === null ? {} : ((boards.data?.parts ?? {}) as Record<string, BoardPart>)),
    [boards.data, revisionId],
  );
  const steps = revisionId === null ? [] : (manual.data?.steps ?? []);
  const at = placed(stacks.stacks, parts, steps.length);
  const all = boards.data?.boards ?? [];
  const board = all.find((each) => each.name === chosen) ?? all[0];
  const pins = useMemo(() => {
    const here = new Map<string, Pin>();
    for (const [name, stack] of at.board)
      if (parts[name]?.side === side)
        here.set(name, {
          count: stack.reduce((sum, each) => sum + each.count, 0),
          open: stack.some((each) => each.matter === open),
        });
    return here;
  }, [at.board, parts, side, open]);
  const hidden = [...at.board.keys()].filter((name) => parts[name]?.side !== side).length;
  return (
    <div className={clsx(ui['scroll'], styles['wall'])} role="region" aria-label="Letters on the wall" tabIndex={0}>
      {revisionId !== null && board && (
        <section aria-label="On the board" className={styles['board']}>
          <div className={ui['caption']}>
            <b>On the board</b>
            <span className={ink['quiet']}>
              {at.board.size === 0 ? 'no letter names a part' : `${String(at.board.size)} places`}
              {hidden > 0 && `, ${String(hidden)} on the other side`}
            </span>
            {all.length > 1 && (
              <Segments label="Board">
                {all.map((each) => (
                  <Segment
                    key={each.name}
                    pressed={each.name === board.name}
                    onPress={() => {
                      choose(each.name);
                    }}
                  >
                    {each.name}
                  </Segment>
                ))}
              </Segments>
            )}
            <span className={ui['end']}>
              <Button
                onClick={() => {
                  turn(side === 'top' ? 'bottom' : 'top');
                }}
              >
                Flip
              </Button>
            </span>
          </div>
          <BoardPane
            board={board}
            side={side}
            lit={null}
            fitted={null}
            pins={pins}
            onPick={(name) => {
              const stack = at.board.get(name)?.[0];
              if (stack) onOpen(stack);
            }}
            className={styles['drawing']}
          />
          <div className={styles['row']}>
            {[...at.board].flatMap(([name, here]) =>
              here.map((stack) => <Paper key={stack.matter} stack={stack} at={name} open={open} onOpen={onOpen} />),
            )}
          </div>
        </section>
      )}
      {at.steps.size > 0 && (
        <section aria-label="On the stair of steps">
          <div className={ui['caption']}>
            <b>On the stair of steps</b>
          </div>
          <ol className={styles['stair']}>
            {steps.map((step, index) => (
              <li
                key={step.key}
                style={{ paddingTop: `${String(40 - (36 * index) / Math.max(1, steps.length - 1))}px` }}
              >
                <div>
                  {(at.steps.get(step.number) ?? []).map((stack) => (
                    <Paper key={stack.matter} stack={stack} at="" open={open} onOpen={onOpen} small />
                  ))}
                </div>
                <span className={ink['m']} title={step.title}>
                  {step.number}
                </span>
              </li>
            ))}
          </ol>
          <div className={styles['row']}>
            {[...at.steps].flatMap(([number, here]) =>
              here.map((stack) => (
                <Paper key={stack.matter} stack={stack} at={`step ${String(number)}`} open={open} onOpen={onOpen} />
              )),
            )}
          </div>
        </section>
      )}
      {at.loose.length > 0 && (
        <section aria-label="No place yet">
          <div className={ui['caption']}>
            <b>{revisionId === null ? 'Which kit?' : 'No place yet'}</b>
          </div>
          <div className={styles['row']}>
            {at.loose.map((stack) => (
              <Paper key={stack.matter} stack={stack} at="" open={open} onOpen={onOpen} />
            ))}
          </div>
        </section>
      )}
    </div>
  );
}

type PaperProps = {
  stack: Stack;
  /** the part it is pinned at */ at: string;
  open: number | null;
  small?: boolean;
  onOpen: (stack: Stack) => void;
};

function Paper({ stack, at, open, small = false, onOpen }: PaperProps) {
  return (
    <Press
      className={clsx(styles['paper'], small && styles['small'], stack.count > 1 && styles['several'])}
      aria-pressed={stack.matter === open}
      title={stack.text}
      {...(small ? { 'aria-label': `${String(stack.count)}: ${stack.text}` } : {})}
      onClick={() => {
        onOpen(stack);
      }}
    >
      <b>
        {at !== '' && <span className={ink['m']}>{at} </span>}
        {small && String(stack.count)}
        {!small && stack.count > 1 && `${String(stack.count)} letters`}
      </b>
      {!small && <span className={styles['words']}>{stack.text}</span>}
      {!small && (
        <span className={stack.open > 0 ? ink['ochre'] : ink['verdi']}>
          {stack.open > 0 ? `▲ ${String(stack.open)} open` : '■ answered'}
        </span>
      )}
    </Press>
  );
}
