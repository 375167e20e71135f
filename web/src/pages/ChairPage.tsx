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
import { useHere } from '../state/here';
import { forThePage } from '../state/keyboard';
import { useJobTime } from '../state/useJobTime';
import { asPressed, type Kept } from '../state/outbox';
import { useKeysOnce } from '../state/useOnce';
import { useOutbox } from '../state/useOutbox';
import { useSignals } from '../state/useSignals';
import { say } from '../words/say';

/** What is sent along with a press. */
export type PressHeaders = Record<'Idempotency-Key' | 'If-Match', string>;

/** Sends a press, named so that the same one is known again. */
export type Act = (
  name: string,
  work: (headers: PressHeaders) => Promise<JobView>,
  /** What is kept until the program can be reached again; without it nothing is. */
  told?: Pick<Kept, 'deed' | 'body'>,
) => Promise<void>;

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
          action={<Button onClick={() => void job.refetch()}>{say('chair.tryAgain')}</Button>}
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
  const { outbox, waits, notTaken } = useOutbox(id);
  const flying = useRef(false);
  const [busy, setBusy] = useState(false);
  // One press at a time, each with a key of its own and the last entry this screen shows: what was pressed on an older picture
  // is refused, and what is pressed again after a lost answer is not done twice. While one is on its way the screen may know
  // already what it did; it is said then that nothing can be pressed yet, so that no press is lost in silence.
  const act: Act = async (name, work, told) => {
    if (flying.current) {
      return;
    }
    flying.current = true;
    setBusy(true);
    signals.wake();
    const keep = (): void => {
      if (told) {
        const kept = { ...told, key: once.of(name), at: Date.now() };
        outbox.add(kept);
        once.answered(name);
        queries.setQueryData<JobView>(['job', id], (shown) => shown && asPressed(shown, kept));
        setProblem(null);
      }
    };
    if (told && outbox.state().kept.length > 0) {
      // In the order in which it was told.
      keep();
      flying.current = false;
      setBusy(false);
      return;
    }
    const headers = { 'Idempotency-Key': once.of(name), 'If-Match': String(job.entries[0]?.number ?? 0) };
    try {
      await queries.cancelQueries({ queryKey: ['job', id] });
      queries.setQueryData(['job', id], await work(headers));
      void queries.invalidateQueries({ queryKey: ['way', id] });
      once.answered(name);
      setProblem(null);
    } catch (error) {
      const why = problemOf(error);
      if (why.status === 0 && told) {
        keep();
        return;
      }
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
    void act(
      `${told} ${key}`,
      (headers) =>
        answered(api.POST('/api/cases/{id}/job/presses', { ...path, headers, body: { hand, told, key } })),
      { deed: 'presses', body: { hand, told, key } },
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
      <section className="chair-begin" aria-label={say('chair.begin')}>
        {problem && <ProblemNote problem={problem} />}
        <p>{say('chair.startWhenTheClientSits')}</p>
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
          {say('chair.startTheAppointment')}
        </Button>
      </section>
    );
  }
  return (
    <>
      <section className="chair-now" aria-label={say('chair.now')} aria-disabled={busy}>
        <div className="chair-top">
          <time className="chair-time" aria-label={say('chair.time')}>
            {timeWords(now)}
          </time>
          <Behind job={job} />
          {job.stage !== 'ENDED' && (
            <Button onClick={() => press(job.stage === 'RESTING' ? 'RESUMED' : 'PAUSED')}>
              {job.stage === 'RESTING' ? say('chair.goOn') : say('chair.pause')}
            </Button>
          )}
          {job.stage !== 'ENDED' && (
            <Button onClick={() => setChanging(true)}>{say('chair.changeThePlan')}</Button>
          )}
          <Button aria-pressed={signals.sound} onClick={() => signals.setSound(!signals.sound)}>
            {signals.sound ? say('chair.soundOn') : say('chair.soundOff')}
          </Button>
          <Hand hand={hand} onHand={setHand} />
        </div>
        {away && (
          <p className="finding warning" role="alert">
            {say('chair.theProgramDoesNotAnswer')}
          </p>
        )}
        {job.setBackMinutes > 0 && (
          <p className="finding warning" role="status">
            {say('chair.theClockOfTheComputer', { setBackMinutes: job.setBackMinutes })}
          </p>
        )}
        {waits > 0 && (
          <p className="finding warning chair-kept" role="status" data-waits={waits}>
            {say('chair.keptOnThisDevice', { waits })}
          </p>
        )}
        {notTaken.map(({ kept, problem: why }) => (
          <ProblemNote
            key={kept.key}
            problem={why}
            action={<Button onClick={() => outbox.read(kept.key)}>{say('chair.readIt')}</Button>}
          />
        ))}
        {problem && <ProblemNote problem={problem} />}
        {job.stage === 'RESTING' && (
          <p className="chair-resting" role="status">
            {say('chair.pausedClocksGoOn')}
          </p>
        )}
        {job.stage === 'ENDED' && (
          <p className="chair-resting" role="status">
            {say('chair.theJobHasEndedAfter', { minute: job.minute })}{' '}
            <Link to="../look-back">{say('chair.lookBackOnIt')}</Link>
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
            {say('chair.allIsDoneTheClient')}
          </Button>
        )}
        <ol className="chair-next" aria-label={say('chair.next')}>
          {waiting
            .filter((task) => task.key !== main?.key)
            .slice(0, SOON)
            .map((task) => (
              <li key={task.key}>
                <time>{task.clock}</time>
                <span>
                  <strong>{task.title}</strong>{' '}
                  <small>{[...task.zones, say('chair.person', { person: task.person })].join(' · ')}</small>
                </span>
                <Button
                  aria-label={say('chair.begin2', { title: task.title })}
                  disabled={task.blocked !== ''}
                  onClick={() => press('STARTED', task.key)}
                >
                  {say('chair.begin')}
                </Button>
              </li>
            ))}
        </ol>
        <ChairLog job={job} hand={hand} id={id} onAct={act} />
        <Photos />
        <p className="chair-links">
          <Link to="../mix">{say('chair.bowls')}</Link>
          <Link to="../look-back">{say('chair.lookBack')}</Link>
        </p>
      </section>
      <section className="chair-clocks" aria-label={say('chair.clocks')} aria-disabled={busy}>
        {changing && (
          <ChairChange
            job={job}
            onClose={() => setChanging(false)}
            onScalp={(scalp) => {
              setChanging(false);
              void act(
                `scalp ${scalp}`,
                (headers) =>
                  answered(
                    api.POST('/api/cases/{id}/job/scalp', { ...path, headers, body: { hand, scalp } }),
                  ),
                { deed: 'scalp', body: { hand, scalp } },
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
            {recheck.thinking && <p role="status">{say('chair.stillLookingWhetherOtherBowls')}</p>}
            {recheck.changes.length === 0 && !recheck.thinking && !recheck.stop && !recheck.flagged && (
              <p>{say('chair.theRestStaysAsIt')}</p>
            )}
            <div className="chair-buttons">
              {recheck.changes.length > 0 && (
                <Button type="primary" onClick={() => answer(recheck, true)}>
                  {say('chair.workByIt')}
                </Button>
              )}
              <Button onClick={() => answer(recheck, false)}>{say('chair.leaveItAsItIs')}</Button>
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
                const body = {
                  hand,
                  clock: clock.key,
                  zone: clock.place,
                  level,
                  tone: tone ? [tone] : [],
                  second,
                  measured,
                  stretch,
                };
                void act(
                  `seen ${clock.key} ${level} ${tone ?? ''} ${JSON.stringify(second)} ${stretch}`,
                  (headers) =>
                    answered(
                      api.POST('/api/cases/{id}/job/seen', {
                        ...path,
                        headers,
                        body,
                      }),
                    ),
                  { deed: 'seen', body },
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
    return <span className="chair-behind">{say('chair.inTime')}</span>;
  }
  return (
    <span className={job.behind > 0 ? 'chair-behind late' : 'chair-behind'}>
      {say('chair.min2', {
        behind: Math.abs(job.behind),
        figure: job.behind > 0 ? say('chair.behind') : say('chair.ahead'),
      })}
    </span>
  );
}

/** Who does it; where people say who they are it is known. */
function Hand({ hand, onHand }: { hand: string; onHand: (hand: string) => void }): ReactNode {
  return useHere().data?.name ? null : (
    <Input
      aria-label={say('chair.doneBy')}
      placeholder={say('chair.doneBy')}
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
