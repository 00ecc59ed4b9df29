import type { Step, StepTimes } from '@/shared/api';
import { degrees } from '@/shared/format';
import { took } from '@/shared/format/took';
import { WhyList } from '@/shared/ui';
import { clsx } from 'clsx';
import ink from '@/shared/style/ink.module.css';
import styles from './order.module.css';

/** Why a step is where it is and how its parts are held. */
export function StepWhy({ step, time }: { step: Step; time: StepTimes['steps'][number] | undefined }) {
  const builders = took(time, step.minutes);
  return (
    <div className={styles['stepwhy']}>
      {step.lie && (
        <p>
          The board lies on {step.lie.contacts.join(', ')}, tilted by {degrees(step.lie.tilt)}
          {step.lie.rocks ? '; it rocks: hold it while you solder' : ''}.
        </p>
      )}
      {step.parts.map((part) => (
        <div key={part.designator}>
          <h3 className={clsx(ink['m'], styles['m'])}>{part.designator}</h3>
          <WhyList reasons={part.reasons} />
        </div>
      ))}
      {step.time !== '' && (
        <p>
          {step.minutes.toFixed(1)} min: {step.time}
        </p>
      )}
      {builders !== '' && <p>{builders}</p>}
      {step.gate && <p>A gate stands right after the last part it needs, and before what it protects.</p>}
    </div>
  );
}
