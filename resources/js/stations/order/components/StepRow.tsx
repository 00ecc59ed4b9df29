import type { Step } from '@/shared/api';
import { millimetres, minutes } from '@/shared/format';
import { useKit } from '@/shared/kit';
import type { Grip } from '../model';
import { StepWhy } from './StepWhy';
import { Button, Press } from '@/shared/ui';

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
};

/** One step: title, parts as chips, its stair of the height, minutes; a break in the stair carries its reason. */
export function StepRow({ steps, index, tallest, current, lifted, mark, onStep, onGrip, onReset }: Props) {
  const kit = useKit();
  const step = steps[index];
  if (!step) return null;
  const names = step.parts.map((part) => part.designator);
  const movable = step.fits.length > 0;
  return (
    <li
      id={`step-${String(index)}`}
      data-step={index}
      data-solder={step.action === 'solder' && step.board !== null ? '' : undefined}
      className={['step', current ? 'current' : '', step.gate ? 'gate' : '', mark ? `mark-${mark}` : ''].join(' ')}
      aria-current={current ? 'step' : undefined}
    >
      <Press
        className="number"
        title={movable ? 'Drag to move the step' : ''}
        aria-label={`Step ${String(step.number)}: ${step.title}`}
        onClick={() => {
          onStep(index);
        }}
        onPointerDown={(event) => {
          if (movable) onGrip({ parts: names, from: index }, event.clientX, event.clientY);
        }}
      >
        {step.gate ? 'G' : step.number}
      </Press>
      {/* The number button does the same by keyboard. */}
      {/* eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions */}
      <div
        className="what"
        onClick={() => {
          onStep(index);
        }}
      >
        <b>{step.title}</b>
        <span className="chips">
          {step.gate ? (
            <span className="m">{step.gate.expect}</span>
          ) : (
            step.parts.map((part) => (
              <Press
                key={part.designator}
                className={[
                  'chip m',
                  part.hangs ? 'hang' : '',
                  kit.selected === part.designator ? 'chosen' : '',
                  lifted.includes(part.designator) ? 'lifted' : '',
                ].join(' ')}
                onClick={() => {
                  onStep(index);
                  kit.select(part.designator);
                }}
                onPointerDown={(event) => {
                  if (movable) onGrip({ parts: [part.designator], from: index }, event.clientX, event.clientY);
                }}
              >
                {part.designator}
              </Press>
            ))
          )}
          {step.apart.length > 0 && (
            <span className="apart ochre">
              apart from {step.apart.join(' ')}, {step.apart.length === 1 ? 'a look-alike' : 'look-alikes'}
            </span>
          )}
        </span>
        {step.why && <span className="reason ochre">{step.why}</span>}
        {step.overridden.length > 0 && (
          <span className="reason">
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
        {current && kit.why && <StepWhy step={step} />}
      </div>
      <div className="stair" aria-hidden={step.height === null}>
        {step.height !== null && (
          <>
            <span
              className={step.breaksStair ? 'bar0 broken' : 'bar0'}
              style={{ width: `${String((step.height / tallest) * 62)}%` }}
            />
            <span className="m">{millimetres(step.height)}</span>
          </>
        )}
      </div>
      <span className="min">{minutes(step.minutes)}</span>
    </li>
  );
}
