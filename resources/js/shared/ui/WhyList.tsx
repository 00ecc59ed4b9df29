import type { Reason } from '@/shared/api';

/** Why a derived fact is what it is: the rule in words, and where its numbers came from. */
export function WhyList({ reasons }: { reasons: readonly Reason[] }) {
  return (
    <ul className="why">
      {reasons.map((reason) => (
        <li key={`${reason.code} ${reason.text}`}>
          <span>{reason.text}</span>
          <span className="origin">{reason.origin}</span>
        </li>
      ))}
    </ul>
  );
}
