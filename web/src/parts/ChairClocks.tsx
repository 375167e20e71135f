import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { ClockView, DevelopingView } from '../api/client';
import { Lock } from '../hair/Tress';
import { phaseOf, workedOf, type Phase } from '../state/useJobTime';
import { say } from '../words/say';

const PHASE_WORDS: Record<Phase, () => string> = {
  TOO_EARLY: () => say('chair.tooEarly'),
  RIGHT: () => say('chair.mayBeRinsed'),
  SOON_LATE: () => say('chair.soonLate'),
  LATE: () => say('chair.late'),
};

interface Props {
  clocks: ClockView[];
  /** How the hair under them should look, once it is known. */
  hair: DevelopingView[] | undefined;
  now: number;
  onLook: (key: string) => void;
  onFresh: (key: string) => void;
  onRinse: (key: string) => void;
}

/** Everything that is on the hair, what must come off first at the top. */
export function ChairClocks({ clocks, hair, now, onLook, onFresh, onRinse }: Props): ReactNode {
  if (clocks.length === 0) {
    return <p className="hint">{say('chair.nothingIsOnTheHair')}</p>;
  }
  return (
    <ul>
      {clocks.map((clock) => {
        const phase = phaseOf(clock, now);
        const worked = Math.floor(workedOf(clock, now));
        return (
          <li key={clock.key} className={`chair-clock ${phase.toLowerCase()}`} data-phase={phase}>
            <span className="chair-clock-figure">
              {worked}
              <small> min</small>
            </span>
            <span className="chair-clock-words">
              <strong>{clock.zone}</strong>
              <b>{PHASE_WORDS[phase]()}</b>
              <small>
                {say('chair.toMin', {
                  title: clock.title,
                  earliestMinutes: clock.earliestMinutes,
                  latestMinutes: clock.latestMinutes,
                  layings: clock.layings > 1 && say('chair.appliedTimes', { layings: clock.layings }),
                })}
              </small>
            </span>
            <Window clock={clock} worked={workedOf(clock, now)} />
            <Hair course={hair?.find(({ key }) => key === clock.key)?.course} worked={worked} />
            <span className="chair-clock-buttons">
              <Button
                aria-label={say('chair.checkThe', { zone: clock.zone })}
                onClick={() => onLook(clock.key)}
              >
                {say('chair.check')}
              </Button>
              <Button
                aria-label={say('chair.reAppliedFreshOnThe', { zone: clock.zone })}
                onClick={() => onFresh(clock.key)}
              >
                {say('chair.reAppliedFresh')}
              </Button>
              <Button
                aria-label={say('chair.rinsedTheNow', { zone: clock.zone })}
                onClick={() => onRinse(clock.key)}
              >
                {say('chair.rinsed')}
              </Button>
            </span>
          </li>
        );
      })}
    </ul>
  );
}

type Course = DevelopingView['course'];

/** What a wiped strand should show by now, and what it should come to; its place is kept while that is not known. */
function Hair({ course, worked }: { course: Course | undefined; worked: number }): ReactNode {
  const now = course?.findLast(({ minutes }) => minutes <= Math.max(0, worked));
  const end = course?.at(-1);
  return (
    <span className="chair-hair">
      {now && end && (
        <>
          <Strand at="should look now" hair={now} />
          <Strand at={say('chair.afterMin', { minutes: end.minutes })} hair={end} />
        </>
      )}
    </span>
  );
}

function Strand({ at, hair }: { at: string; hair: Course[number] }): ReactNode {
  return (
    <span className="chair-strand">
      <Lock look={hair.look} seed={5} />
      <span>
        <small>{at}</small> {hair.look.levelWords} {hair.look.tone}
      </span>
    </span>
  );
}

function Window({ clock, worked }: { clock: ClockView; worked: number }): ReactNode {
  const most = Math.max(clock.latestMinutes * 1.1, worked, 1);
  const share = (minutes: number): string => `${Math.min(100, (100 * minutes) / most)}%`;
  return (
    <span className="chair-window" aria-hidden="true">
      <span
        className="chair-window-open"
        style={{
          left: share(clock.earliestMinutes),
          width: share(clock.latestMinutes - clock.earliestMinutes),
        }}
      />
      <span className="chair-window-worked" style={{ width: share(worked) }} />
    </span>
  );
}
