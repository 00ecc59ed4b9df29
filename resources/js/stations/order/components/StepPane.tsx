import { useMemo } from 'react';
import { useSkyline, type Step } from '@/shared/api';
import { BoardView, fittedBefore } from '@/shared/board';
import { degrees } from '@/shared/format';
import { useKit } from '@/shared/kit';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import ui from '@/shared/ui/ui.module.css';
import styles from './order.module.css';

const centimetres = (millimetres: number) => Math.max(1, Math.round(millimetres / 10));

/** The board with this step's parts lit, and under it the skyline. */
export function StepPane({ steps, index }: { steps: readonly Step[]; index: number }) {
  const kit = useKit();
  const step = steps[index];
  const number = step?.lie ? step.number : null;
  const skyline = useSkyline(kit.id, number);
  const fitted = useMemo(() => fittedBefore(steps, step?.number ?? null), [steps, step]);
  const lit = useMemo(() => new Set(step?.parts.map((part) => part.designator)), [step]);
  if (!step) return null;
  return (
    <>
      <BoardView lit={lit} fitted={fitted} board={step.board} approach={step.number} />
      <div className={ui['caption']}>
        <b>On the table, step {step.number}</b>
        {step.lie && (
          <span className={ink['quiet']}>
            {skyline.data?.edge === 'tilt' ? 'seen along its tilt' : 'seen from the front edge'}
          </span>
        )}
        {step.lie && (
          <span className={clsx(ui['end'], styles['end'])}>
            tilt {degrees(step.lie.tilt)}
            {step.lie.rocks ? ', rocks' : ''}
          </span>
        )}
      </div>
      <div className={styles['below']} tabIndex={0} role="region" aria-label="How the parts are held">
        {number !== null && skyline.data?.svg ? (
          <>
            {/* Our own drawing, made by the server from numbers and escaped names. */}
            <div className={styles['tableview']} dangerouslySetInnerHTML={{ __html: skyline.data.svg }} />
            <p className={styles['rests']}>
              rests on {step.lie?.contacts.slice(0, 6).join(', ')}
              {(step.lie?.contacts.length ?? 0) > 6 ? ` and ${String((step.lie?.contacts.length ?? 0) - 6)} more` : ''}
            </p>
          </>
        ) : (
          <p className={styles['rests']}>
            {step.gate
              ? `Measure: ${step.gate.expect}`
              : step.board === null
                ? 'Work off the board.'
                : 'Nothing lies on the table in this step.'}
          </p>
        )}
        {step.prop && (
          <p className={styles['rests']}>
            Put a prop of {step.prop.height.toFixed(1)} mm under the {step.prop.edge} edge: it levels the board.
          </p>
        )}
        {step.iron !== null && (
          <p className={styles['rests']}>
            Iron at {step.iron} °C, about {centimetres(step.solder)} cm of solder for {step.joints} joints.
          </p>
        )}
        <Holds step={step} />
        {step.cautions.length > 0 && (
          <ul className={styles['cautions']} aria-label="Cautions">
            {step.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        )}
      </div>
    </>
  );
}

/** How the parts are held while the board is upside down; parts held alike stand together. */
function Holds({ step }: { step: Step }) {
  const groups = new Map<string, string[]>();
  for (const part of step.parts) {
    const text = part.reasons.find((reason) => reason.code.startsWith('hold.'))?.text;
    if (text) groups.set(text, [...(groups.get(text) ?? []), part.designator]);
  }
  if (groups.size === 0) return null;
  return (
    <ul className={styles['holds']}>
      {[...groups].map(([text, names]) => (
        <li key={text}>
          <span className={clsx(ink['m'], styles['m'])}>{names.join(' ')}</span>
          <span>{text}</span>
        </li>
      ))}
    </ul>
  );
}
