import type { ReactNode } from 'react';
import type { ReasonView } from '../api/client';
import { say } from '../words/say';

const heads = (): [ReasonView['kind'], string][] => [
  ['WHY', ''],
  ['WEIGHED', say('plan.whatElseWasWeighed')],
  ['WOULD_CHANGE', say('plan.whatWouldChangeIt')],
];

/** Rule, what it says, and what it means here; then what else was weighed, and what reading would change it. */
export function Reasons({ reasons }: { reasons: ReasonView[] }): ReactNode {
  return (
    <>
      {heads().map(([kind, head]) => {
        const some = reasons.filter((reason) => reason.kind === kind);
        return (
          some.length > 0 && (
            <div key={kind}>
              {head && <h4 className="reasons-head">{head}</h4>}
              <ul className="reasons">
                {some.map((reason) => (
                  <li key={reason.rule + reason.sentence}>
                    <span className="rule">
                      {/^R\d/.test(reason.rule) ? `${reason.rule}: ${reason.ruleWords}` : reason.rule}
                    </span>
                    {reason.sentence}
                  </li>
                ))}
              </ul>
            </div>
          )
        );
      })}
    </>
  );
}
