import type { Order } from '@/shared/api';
import { StepRow } from './StepRow';
import type { Grip, Target } from '../model';

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
  return (
    <ol className={grip ? 'steps dragging' : 'steps'} aria-label="Steps">
      {order.steps.map((step, index) => (
        <StepRow
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
      ))}
    </ol>
  );
}
