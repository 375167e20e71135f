import type { ReactNode } from 'react';
import type { ReasonView } from '../api/client';

/** Rule, what it says, and what it means here. */
export function Reasons({ reasons }: { reasons: ReasonView[] }): ReactNode {
  return (
    <ul className="reasons">
      {reasons.map((reason) => (
        <li key={reason.rule + reason.sentence}>
          <span className="rule">
            {reason.rule === 'Computed' ? 'Computed' : `${reason.rule}: ${reason.ruleWords}`}
          </span>
          {reason.sentence}
        </li>
      ))}
    </ul>
  );
}
