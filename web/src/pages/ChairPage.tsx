import { useQueryClient } from '@tanstack/react-query';
import { Button, Input, Spin } from 'antd';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { answered, api, problemOf, type JobView, type Problem } from '../api/client';
import { useJob, useJobFoils, useJobHair } from '../api/queries';
import { ChairChange } from '../parts/ChairChange';
import { ChairClocks } from '../parts/ChairClocks';
import { ChairLog } from '../parts/ChairLog';
import { ChairLook } from '../parts/ChairLook';
import { ChairBeside, ChairTask } from '../parts/ChairTask';
import { Photos } from '../parts/Photos';
import { ProblemNote } from '../parts/ProblemNote';
import { useCase } from '../state/caseContext';
import { timeWords } from '../state/clock';
import { keepHand, keptHand } from '../state/hand';
import { forThePage } from '../state/keyboard';
import { useJobTime } from '../state/useJobTime';
import { useKeysOnce } from '../state/useOnce';
import { useSignals } from '../state/useSignals';

/** What is sent along with a press. */
export type PressHeaders = Record<'Idempotency-Key' | 'If-Match', string>;

/** Sends a press, named so that the same one is known again. */
export type Act = (name: string, work: (headers: PressHeaders) => Promise<JobView>) => Promise<void>;

const SOON = 4;

type Told = 'STARTED' | 'FINISHED' | 'SKIPPED' | 'LAID_FRESH' | 'RINSED_NOW' | 'PAUSED' | 'RESUMED' | 'ENDED';

/** The job as it runs, to be read from a step away and worked with one large press. */
export function ChairPage(): ReactNode {
  const { state } = useCase();
  const job = useJob(state.id);
  return (
    <main className="chair" aria-busy={job.isFetching}>
      {job.isPending && <Spin className="wait" />}
      {job.isError && (
        <ProblemNote
          problem={problemOf(job.error)}
          action={<Button onClick={() => void job.refetch()}>Try again</Button>}
        />
      )}
      {job.data && <Chair job={job.data} id={state.id} away={job.isError} />}
    </main>
  );
}

function Chair({ job, id, away }: { job: JobView; id: number; away: boolean }): ReactNode {
  const queries = useQueryClient();
  const [hand, setHand] = useState(keptHand);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [looking, setLooking] = useState('');
  const [changing, setChanging] = useState(false);
  const now = useJobTime(job);
  const signals = useSignals(job.clocks, now);
  const foils = useJobFoils(id, job).data;
  const hair = useJobHair(id, job).data;
  const path = { params: { path: { id } } };
  const once = useKeysOnce();
  const flying = useRef(false);
  const [busy, setBusy] = useState(false);
  // One press at a time, each with a key of its own and the last entry this screen shows: what was pressed on an older picture
  // is refused, and what is pressed again after a lost answer is not done twice. While one is on its way the screen may know
  // already what it did; it is said then that nothing can be pressed yet, so that no press is lost in silence.
  const act: Act = async (name, work) => {
    if (flying.current) {
      return;
    }
    flying.current = true;
    setBusy(true);
    signals.wake();
    const headers = { 'Idempotency-Key': once.of(name), 'If-Match': String(job.entries[0]?.number ?? 0) };
    try {
      await queries.cancelQueries({ queryKey: ['job', id] });
      queries.setQueryData(['job', id], await work(headers));
      void queries.invalidateQueries({ queryKey: ['way', id] });
      once.answered(name);
      setProblem(null);
    } catch (error) {
      const why = problemOf(error);
      if (why.status >= 400 && why.status < 500) {
        once.answered(name);
        void queries.invalidateQueries({ queryKey: ['job', id] });
      }
      setProblem(why);
    } finally {
      flying.current = false;
      setBusy(false);
    }
  };
  const press = (told: Told, key = ''): void =>
    void act(`${told} ${key}`, (headers) =>
      answered(api.POST('/api/cases/{id}/job/presses', { ...path, headers, body: { hand, told, key } })),
    );
  const answer = ({ entry, thinking }: JobView['recheck'][number], accepted: boolean): void =>
    void act(`answer ${entry} ${accepted}`, (headers) =>
      answered(
        api.POST('/api/cases/{id}/job/answer', {
          ...path,
          headers,
          body: { hand, accepted, entry, thorough: !thinking },
        }),
      ),
    );
  const running = job.tasks.filter(({ state }) => state === 'NOW');
  const waiting = job.tasks.filter(({ state }) => state === 'WAITING');
  const main = running[0] ?? waiting[0];
  const largePress = (): void => {
    if (job.stage === 'RESTING') {
      press('RESUMED');
    } else if (main) {
      press(main.state === 'NOW' ? 'FINISHED' : 'STARTED', main.key);
    }
  };
  const keys = useRef<(key: string) => void>(() => undefined);
  useEffect(() => {
    keys.current = (key) => {
      if (job.stage === 'RUNNING' || job.stage === 'RESTING') {
        if (key === ' ') {
          largePress();
        } else if (key.toLowerCase() === 'p') {
          press(job.stage === 'RESTING' ? 'RESUMED' : 'PAUSED');
        }
      }
    };
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent): void => {
      if ([' ', 'p', 'P'].includes(event.key) && forThePage(event)) {
        event.preventDefault();
        keys.current(event.key);
      }
    };
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
  if (job.stage === 'NOT_BEGUN') {
    return (
      <section className="chair-begin" aria-label="Begin">
        {problem && <ProblemNote problem={problem} />}
        <p>
          Start when the client sits down. From then on every clock runs, whether this screen is open or not.
          You work by the order as it is planned now.
        </p>
        <Hand hand={hand} onHand={setHand} />
        <Button
          type="primary"
          className="chair-press"
          onClick={() => {
            void act('begin', (headers) =>
              answered(api.POST('/api/cases/{id}/job/begin', { ...path, headers, body: { hand } })),
            );
          }}
        >
          Start the appointment
        </Button>
      </section>
    );
  }
  return (
    <>
      <section className="chair-now" aria-label="Now" aria-disabled={busy}>
        <div className="chair-top">
          <time className="chair-time" aria-label="Time">
            {timeWords(now)}
          </time>
          <Behind job={job} />
          {job.stage !== 'ENDED' && (
            <Button onClick={() => press(job.stage === 'RESTING' ? 'RESUMED' : 'PAUSED')}>
              {job.stage === 'RESTING' ? 'Go on' : 'Pause'}
            </Button>
          )}
          {job.stage !== 'ENDED' && <Button onClick={() => setChanging(true)}>Change the plan</Button>}
          <Button aria-pressed={signals.sound} onClick={() => signals.setSound(!signals.sound)}>
            {signals.sound ? 'Sound on' : 'Sound off'}
          </Button>
          <Hand hand={hand} onHand={setHand} />
        </div>
        {away && (
          <p className="finding warning" role="alert">
            The program does not answer; clocks run on. What is pressed now is not taken.
          </p>
        )}
        {job.setBackMinutes > 0 && (
          <p className="finding warning" role="status">
            The clock of the computer was set back by {job.setBackMinutes} min. The clocks of this job go on
            by what has really passed.
          </p>
        )}
        {problem && <ProblemNote problem={problem} />}
        {job.stage === 'RESTING' && (
          <p className="chair-resting" role="status">
            Paused. Clocks go on.
          </p>
        )}
        {job.stage === 'ENDED' && (
          <p className="chair-resting" role="status">
            The job has ended after {job.minute} min. <Link to="../look-back">Look back on it</Link>
          </p>
        )}
        {job.stage !== 'ENDED' && main && (
          <ChairTask
            task={main}
            foils={foils}
            now={now}
            onPress={largePress}
            onSkip={() => press('SKIPPED', main.key)}
          />
        )}
        {running.slice(1).map((task) => (
          <ChairBeside key={task.key} task={task} onDone={() => press('FINISHED', task.key)} />
        ))}
        {job.stage !== 'ENDED' && !main && (
          <Button type="primary" className="chair-press" onClick={() => press('ENDED')}>
            All is done: the client goes
          </Button>
        )}
        <ol className="chair-next" aria-label="Next">
          {waiting
            .filter((task) => task.key !== main?.key)
            .slice(0, SOON)
            .map((task) => (
              <li key={task.key}>
                <time>{task.clock}</time>
                <span>
                  <strong>{task.title}</strong>{' '}
                  <small>{[...task.zones, `person ${task.person}`].join(' · ')}</small>
                </span>
                <Button
                  aria-label={`Begin ${task.title}`}
                  disabled={task.blocked !== ''}
                  onClick={() => press('STARTED', task.key)}
                >
                  Begin
                </Button>
              </li>
            ))}
        </ol>
        <ChairLog job={job} hand={hand} id={id} onAct={act} />
        <Photos />
        <p className="chair-links">
          <Link to="../mix">Bowls</Link>
          <Link to="../look-back">Look back</Link>
        </p>
      </section>
      <section className="chair-clocks" aria-label="Clocks" aria-disabled={busy}>
        {changing && (
          <ChairChange
            job={job}
            onClose={() => setChanging(false)}
            onScalp={(scalp) => {
              setChanging(false);
              void act(`scalp ${scalp}`, (headers) =>
                answered(api.POST('/api/cases/{id}/job/scalp', { ...path, headers, body: { hand, scalp } })),
              );
            }}
            onChanged={(change) => {
              setChanging(false);
              void act(`changed ${JSON.stringify(change)}`, (headers) =>
                answered(
                  api.POST('/api/cases/{id}/job/changed', { ...path, headers, body: { hand, ...change } }),
                ),
              );
            }}
          />
        )}
        {job.recheck.map((recheck) => (
          <div
            key={recheck.words}
            className={recheck.stop ? 'chair-recheck stop' : 'chair-recheck'}
            role={recheck.stop ? 'alert' : 'status'}
          >
            <p>{recheck.words}</p>
            {recheck.changes.map((change) => (
              <p key={change}>{change}</p>
            ))}
            {recheck.thinking && <p role="status">Still looking whether other bowls would come nearer …</p>}
            {recheck.changes.length === 0 && !recheck.thinking && !recheck.stop && !recheck.flagged && (
              <p>The rest stays as it was planned.</p>
            )}
            <div className="chair-buttons">
              {recheck.changes.length > 0 && (
                <Button type="primary" onClick={() => answer(recheck, true)}>
                  Work by it
                </Button>
              )}
              <Button onClick={() => answer(recheck, false)}>Leave it as it is</Button>
            </div>
          </div>
        ))}
        <ChairClocks
          clocks={job.clocks}
          hair={hair}
          now={now}
          onLook={setLooking}
          onFresh={(key) => press('LAID_FRESH', key)}
          onRinse={(key) => press('RINSED_NOW', key)}
        />
        {job.clocks
          .filter(({ key }) => key === looking)
          .map((clock) => (
            <ChairLook
              key={clock.key}
              clock={clock}
              onClose={() => setLooking('')}
              onSeen={({ level, tone, second, measured, stretch }) => {
                setLooking('');
                void act(
                  `seen ${clock.key} ${level} ${tone ?? ''} ${JSON.stringify(second)} ${stretch}`,
                  (headers) =>
                    answered(
                      api.POST('/api/cases/{id}/job/seen', {
                        ...path,
                        headers,
                        body: {
                          hand,
                          clock: clock.key,
                          zone: clock.place,
                          level,
                          tone: tone ? [tone] : [],
                          second,
                          measured,
                          stretch,
                        },
                      }),
                    ),
                );
              }}
            />
          ))}
      </section>
    </>
  );
}

function Behind({ job }: { job: JobView }): ReactNode {
  if (job.stage === 'ENDED' || Math.abs(job.behind) < 3) {
    return <span className="chair-behind">in time</span>;
  }
  return (
    <span className={job.behind > 0 ? 'chair-behind late' : 'chair-behind'}>
      {Math.abs(job.behind)} min {job.behind > 0 ? 'behind' : 'ahead'}
    </span>
  );
}

function Hand({ hand, onHand }: { hand: string; onHand: (hand: string) => void }): ReactNode {
  return (
    <Input
      aria-label="Done by"
      placeholder="Done by"
      value={hand}
      maxLength={40}
      onChange={(event) => {
        onHand(event.target.value);
        keepHand(event.target.value);
      }}
      style={{ width: 140 }}
    />
  );
}
