import { useState } from 'react';
import type { Order } from '@/shared/api';
import { useRowWindow } from '@/shared/ui';
import { StepRow } from './StepRow';
import type { Grip, Target } from '../model';
import { clsx } from 'clsx';
import styles from './order.module.css';

/** A step in one line, in px. */
const STEP = 41;

type Props = {
  order: Order;
  current: number;
  grip: Grip | null;
  target: Target | null;
  onStep: (index: number) => void;
  onGrip: (grip: Grip, x: number, y: number) => void;
  onReset: (parts: readonly string[]) => void;
};

/** The steps as a column, with the stair of heights. */
export function StepList({ order, current, grip, target, onStep, onGrip, onReset }: Props) {
  const tallest = Math.max(1, ...order.steps.map((step) => step.height ?? 0));
  const [box, setBox] = useState<HTMLOListElement | null>(null);
  const { indexes, before, after, measure } = useRowWindow({
    count: order.steps.length,
    height: STEP,
    box,
    at: current,
  });
  return (
    <ol ref={setBox} className={grip ? clsx(styles['steps'], styles['dragging']) : styles['steps']} aria-label="Steps">
      {before > 0 && <li aria-hidden="true" style={{ height: before }} />}
      {indexes.map((index) => {
        const step = order.steps[index];
        return (
          step && (
            <StepRow
              measure={measure}
              key={`${step.action} ${step.parts.map((part) => part.designator).join(' ')} ${step.gate?.name ?? step.title}`}
              steps={order.steps}
              index={index}
              tallest={tallest}
              current={index === current}
              lifted={grip?.from === index ? grip.parts : []}
              mark={
                target?.kind === 'into' && target.step === index
                  ? 'into'
                  : target?.kind === 'gap' && target.before === index
                    ? 'above'
                    : target?.kind === 'gap' && target.before === index + 1 && index === order.steps.length - 1
                      ? 'below'
                      : null
              }
              onStep={onStep}
              onGrip={onGrip}
              onReset={onReset}
            />
          )
        );
      })}
      {after > 0 && <li aria-hidden="true" style={{ height: after }} />}
    </ol>
  );
}
