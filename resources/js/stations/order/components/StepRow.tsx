import { useStepTimes, type Step } from '@/shared/api';
import { millimetres, minutes } from '@/shared/format';
import { stoppedAt, took } from '@/shared/format/took';
import { useKit } from '@/shared/kit';
import type { Grip } from '../model';
import { StepWhy } from './StepWhy';
import { Button, Press } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './order.module.css';

type Props = {
  steps: readonly Step[];
  index: number;
  tallest: number;
  current: boolean;
  lifted: readonly string[];
  mark: 'into' | 'above' | 'below' | null;
  onStep: (index: number) => void;
  onGrip: (grip: Grip, x: number, y: number) => void;
  onReset: (parts: readonly string[]) => void;
  measure: ((row: Element | null) => void) | undefined;
};

/** A part is dragged by itself, and words in a reason are buttons of their own. */
function isHeldApart(target: EventTarget): boolean {
  return target instanceof Element && target.closest('[data-part], .MuiButton-root') !== null;
}

/** One step: title, parts as chips, its stair of the height, minutes; a break in the stair carries its reason. */
export function StepRow({ steps, index, tallest, current, lifted, mark, onStep, onGrip, onReset, measure }: Props) {
  const kit = useKit();
  const times = useStepTimes(kit.id);
  const step = steps[index];
  if (!step) return null;
  const time = times.data?.steps.find((each) => each.number === step.number);
  const names = step.parts.map((part) => part.designator);
  const movable = step.fits.length > 0;
  return (
    // Every part of the row takes hold of the step; by keyboard the same is Alt and the arrows.

    <li
      ref={measure}
      id={`step-${String(index)}`}
      data-index={index}
      data-step={index}
      onPointerDown={(event) => {
        if (movable && !isHeldApart(event.target)) onGrip({ parts: names, from: index }, event.clientX, event.clientY);
      }}
      data-solder={step.action === 'solder' && step.board !== null ? '' : undefined}
      className={clsx(
        styles['step'],
        movable && styles['movable'],
        current && styles['current'],
        step.gate && styles['gate'],
        mark && styles[`mark-${mark}`],
      )}
      aria-current={current ? 'step' : undefined}
    >
      <Press
        className={styles['number']}
        title={movable ? 'Drag to move the step' : ''}
        aria-label={`Step ${String(step.number)}: ${step.title}`}
        onClick={() => {
          onStep(index);
        }}
      >
        {step.gate ? 'G' : step.number}
      </Press>
      {/* The number button does the same by keyboard. */}
      {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions */}
      <div
        className={styles['what']}
        onClick={() => {
          onStep(index);
        }}
      >
        <b>{step.title}</b>
        <span className={styles['chips']}>
          {step.gate ? (
            <span className={clsx(ink['m'], styles['m'])}>{step.gate.expect}</span>
          ) : (
            step.parts.map((part) => (
              <Press
                key={part.designator}
                data-part={part.designator}
                className={clsx(
                  styles['chip'],
                  ink['m'],
                  styles['m'],
                  part.hangs && styles['hang'],
                  kit.selected === part.designator && styles['chosen'],
                  lifted.includes(part.designator) && styles['lifted'],
                )}
                onClick={() => {
                  onStep(index);
                  kit.select(part.designator);
                }}
                onPointerDown={(event) => {
                  if (movable) onGrip({ parts: [part.designator], from: index }, event.clientX, event.clientY);
                }}
              >
                {part.label ?? part.designator}
              </Press>
            ))
          )}
          {step.apart.length > 0 && (
            <span className={clsx(styles['apart'], ink['ochre'])}>
              apart from {step.apart.join(' ')}, {step.apart.length === 1 ? 'a look-alike' : 'look-alikes'}
            </span>
          )}
        </span>
        {step.with.length > 0 && <span className={styles['reason']}>with {step.with.join(', ')}</span>}
        {step.why && <span className={clsx(styles['reason'], ink['ochre'])}>{step.why}</span>}
        {step.overridden.length > 0 && (
          <span className={styles['reason']}>
            your place for {step.overridden.join(' ')}{' '}
            <Button
              look="link"
              onClick={(event) => {
                event.stopPropagation();
                onReset(step.overridden);
              }}
            >
              back to computed
            </Button>
          </span>
        )}
        {stoppedAt(time) !== '' && <p className={ink['ochre']}>▲ {stoppedAt(time)}</p>}
        {current && kit.why && <StepWhy step={step} time={time} />}
      </div>
      <div className={styles['stair']} aria-hidden={step.height === null}>
        {step.height !== null && (
          <>
            <span
              className={step.breaksStair ? clsx(styles['bar0'], styles['broken']) : styles['bar0']}
              style={{ width: `${String((step.height / tallest) * 62)}%` }}
            />
            <span className={clsx(ink['m'], styles['m'])}>{millimetres(step.height)}</span>
          </>
        )}
      </div>
      <span className={styles['min']} title={took(time, step.minutes)}>
        {minutes(step.minutes)}
      </span>
    </li>
  );
}
