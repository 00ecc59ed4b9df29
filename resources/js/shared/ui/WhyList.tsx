import type { Reason } from '@/shared/api';
import ui from '@/shared/ui/ui.module.css';

/** Why a derived fact is what it is: the rule in words, and where its numbers came from. */
export function WhyList({ reasons }: { reasons: readonly Reason[] }) {
  return (
    <ul className={ui['why']}>
      {reasons.map((reason) => (
        <li key={`${reason.code} ${reason.text}`}>
          <span>{reason.text}</span>
          <span className={ui['origin']}>{reason.origin}</span>
        </li>
      ))}
    </ul>
  );
}
