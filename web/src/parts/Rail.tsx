import { Logo } from './Logo';
import { Button, Tooltip } from 'antd';
import type { ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import type { WayView } from '../api/client';
import { useCase } from '../state/caseContext';
import { RAIL, STATE_WORDS } from '../state/way';
import { DraftField } from './DraftField';
import { LightSelect } from './LightSelect';
import { WhoSits } from './WhoSits';
import { say } from '../words/say';

interface Props {
  way: WayView | undefined;
  /** What is wrong with the client's name, if it is. */
  refusedName: string | undefined;
  onHelp: () => void;
}

/** The way through the work: client, steps with their states, light, undo. */
export function Rail({ way, refusedName, onHelp }: Props): ReactNode {
  const { document, state } = useCase();
  return (
    <header className="rail">
      <Link to="/" className="logo" aria-label={say('visit.mischungTheDay')}>
        <Logo />
      </Link>
      <DraftField
        label={say('visit.client')}
        hideLabel
        value={state.content.clientName}
        refused={refusedName}
        onText={(clientName) => document.edit({ ...state.content, clientName }, 'clientName')}
      />
      <nav aria-label={say('visit.stepsOfTheWork')}>
        {RAIL.map(({ to, words, step }) => {
          const stands = way?.steps.find((one) => one.step === step)?.state;
          return (
            <NavLink key={to} to={to} aria-description={stands && STATE_WORDS[stands]()}>
              <Sign state={stands} />
              {words()}
            </NavLink>
          );
        })}
      </nav>
      <WhoSits />
      <LightSelect />
      <span className="rail-buttons">
        <Tooltip title={say('visit.undo')}>
          <Button
            type="text"
            aria-label={say('visit.undo')}
            disabled={!state.canUndo}
            onClick={() => document.undo()}
          >
            ↶
          </Button>
        </Tooltip>
        <Tooltip title={say('visit.redo')}>
          <Button
            type="text"
            aria-label={say('visit.redo')}
            disabled={!state.canRedo}
            onClick={() => document.redo()}
          >
            ↷
          </Button>
        </Tooltip>
        <Button type="text" href={`/api/cases/${state.id}/file`} aria-label={say('visit.exportThisCaseAsA')}>
          {say('visit.export')}
        </Button>
        <Button type="text" aria-label={say('visit.help')} onClick={onHelp}>
          ?
        </Button>
      </span>
    </header>
  );
}

/** Told apart by shape, not by colour alone. */
function Sign({ state }: { state: WayView['steps'][number]['state'] | undefined }): ReactNode {
  return (
    <svg className={`step-sign ${(state ?? 'none').toLowerCase()}`} viewBox="0 0 16 16" aria-hidden="true">
      {state === 'DONE' && (
        <>
          <circle cx="8" cy="8" r="7" />
          <path d="M4.6 8.3 7 10.7l4.5-5" />
        </>
      )}
      {state === 'OPEN' && <circle cx="8" cy="8" r="6" />}
      {state === 'BLOCKED' && (
        <>
          <rect x="1.5" y="1.5" width="13" height="13" rx="2" />
          <path d="M8 4.5v4.6M8 11.4v.6" />
        </>
      )}
      {state === 'WAITING' && <circle cx="8" cy="8" r="2" />}
    </svg>
  );
}
