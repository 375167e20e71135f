import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import type { StandingView } from '../api/client';
import { useHouse } from '../api/queries';
import { useCase } from '../state/caseContext';
import { useHere } from '../state/here';
import { serverNow } from '../state/clock';
import { say } from '../words/say';

/** What must be settled before anything is laid on, why, and what settles it. */
export function Cautions({ cautions, title }: { cautions: StandingView[]; title?: string }): ReactNode {
  return (
    <details className="cautions" open>
      <summary>{title ?? say('shared.beforeYouBegin')}</summary>
      <ul>
        {cautions.map((caution) => (
          <CautionLine key={keyOf(caution)} caution={caution} />
        ))}
        <li>{say('shared.localLawTheMakerS')}</li>
      </ul>
    </details>
  );
}

const SIGNS = {
  BLOCK: () => say('shared.blocked'),
  WARN: () => say('shared.warning'),
  REMIND: () => say('shared.note'),
};

export function CautionLine({
  caution,
  children,
}: {
  caution: StandingView;
  children?: ReactNode;
}): ReactNode {
  return (
    <li
      className={`caution ${caution.strength.toLowerCase()} ${caution.blocks ? 'blocks' : ''}`}
      data-rule={caution.rule}
    >
      <strong>
        {SIGNS[caution.strength]()}: {caution.title}.
      </strong>{' '}
      {caution.sentence} <em>{say('shared.clearedBy', { cleared: caution.cleared })}</em>
      {caution.takenOn && (
        <p className="taken-on">{say('shared.overriddenBy', { takenOn: caution.takenOn })}</p>
      )}
      {children}
    </li>
  );
}

/** What tells two cautions apart; a rule may speak twice. */
export function keyOf(caution: StandingView): string {
  return caution.rule + JSON.stringify(caution.said);
}

/** The cautions of a case: a block can be taken on, with name and reason, where local rules allow. */
export function CaseCautions({
  cautions,
  title,
  planned,
}: {
  cautions: StandingView[];
  title: string;
  /** Whether the plan applies anything: nothing can stand in the way of nothing. */
  planned: boolean;
}): ReactNode {
  const [open, setOpen] = useState('');
  const allowed = useHouse().data?.overridesAllowed ?? false;
  const seen = cautions.filter((one, i) => cautions.findIndex((other) => keyOf(other) === keyOf(one)) === i);
  return (
    <section className="case-cautions" aria-label={title}>
      <h3>{title}</h3>
      {seen.length === 0 && (
        <p className="quiet">
          {planned ? say('shared.nothingStandsInTheWay') : say('shared.nothingIsPlannedYetThat')}
        </p>
      )}
      <ul>
        {seen.map((caution) => (
          <CautionLine key={keyOf(caution)} caution={caution}>
            {caution.blocks && caution.overridable && allowed && open !== keyOf(caution) && (
              <Button size="small" onClick={() => setOpen(keyOf(caution))}>
                {say('shared.override')}
              </Button>
            )}
            {open === keyOf(caution) && <TakeOn caution={caution} onDone={() => setOpen('')} />}
          </CautionLine>
        ))}
      </ul>
    </section>
  );
}

function TakeOn({ caution, onDone }: { caution: StandingView; onDone: () => void }): ReactNode {
  const { document, state } = useCase();
  const sits = useHere().data?.name ?? '';
  const [typed, setTyped] = useState('');
  const by = sits || typed;
  const [reason, setReason] = useState('');
  return (
    <form
      className="take-on"
      onSubmit={(event) => {
        event.preventDefault();
        const { rule, said } = caution;
        const taken = { rule, said, by, reason, at: new Date(serverNow()).toISOString() };
        document.edit({ ...state.content, takenOn: [...state.content.takenOn, taken] });
        onDone();
      }}
    >
      {sits === '' && (
        <Input
          aria-label={say('shared.yourName')}
          placeholder={say('shared.yourName')}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
      )}
      <Input
        aria-label={say('shared.reason')}
        placeholder={say('shared.reason')}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button htmlType="submit" disabled={by.trim().length < 2 || reason.trim().length < 5}>
        {say('shared.iOverrideIt')}
      </Button>
    </form>
  );
}
