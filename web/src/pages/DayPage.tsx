import { useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import {
  answered,
  api,
  problemOf,
  type CaseSummary,
  type DayView,
  type Problem,
  type Status,
} from '../api/client';
import { useClients, useDay, useVocabulary, useCopies } from '../api/queries';
import { Lock } from '../hair/Tress';
import { ProblemNote } from '../parts/ProblemNote';
import { TopBar } from '../parts/TopBar';
import { DayField, TimeField } from '../parts/WhenField';
import { serverNow, timeWords } from '../state/clock';
import { clockOf, dayWords, minuteOf, today } from '../state/today';
import { daysAfter } from '../state/when';
import { useKeysOnce } from '../state/useOnce';
import { useSettled } from '../state/useSettled';
import { say } from '../words/say';

/** Who sits where, what is running, what is due. */
export function DayPage(): ReactNode {
  const [asked, setAsked] = useSearchParams();
  const date = asked.get('date') ?? today();
  const setDate = (day: string): void => setAsked(day === today() ? {} : { date: day });
  const [problem, setProblem] = useState<Problem | null>(null);
  const day = useDay(date);
  return (
    <>
      <TopBar title={say('day.day')} />
      <main className="day">
        <section className="day-main" aria-label={say('day.chairs')}>
          <div className="day-head">
            <Button aria-label={say('day.theDayBefore')} onClick={() => setDate(daysAfter(date, -1))}>
              ‹
            </Button>
            <DayField label={say('day.day')} hideLabel required value={date} onText={setDate} />
            <Button aria-label={say('day.theDayAfter')} onClick={() => setDate(daysAfter(date, 1))}>
              ›
            </Button>
            <h1>{dayWords(date)}</h1>
            {date !== today() && <Button onClick={() => setDate(today())}>{say('day.today')}</Button>}
          </div>
          {problem && <ProblemNote problem={problem} />}
          {day.isError && <ProblemNote problem={problemOf(day.error)} />}
          <NewAppointment date={date} chairs={day.data?.chairs ?? []} onProblem={setProblem} />
          {day.data && <Lanes day={day.data} onProblem={setProblem} />}
        </section>
        {day.data && <Due day={day.data} />}
      </main>
    </>
  );
}

function NewAppointment(props: {
  date: string;
  chairs: string[];
  onProblem: (problem: Problem | null) => void;
}): ReactNode {
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [time, setTime] = useState('09:00');
  const [minutes, setMinutes] = useState('240');
  const [chair, setChair] = useState('');
  const found = useClients(useSettled(name, 150)).data?.clients ?? [];
  const once = useKeysOnce();
  const beginning = useRef(false);
  const begin = async (): Promise<void> => {
    // Enter and the button, or two quick presses, are one client and one case.
    if (beginning.current) {
      return;
    }
    beginning.current = true;
    const press = `${name.trim()} ${props.date} ${time}`;
    const headers = (what: string): { 'Idempotency-Key': string } => ({
      'Idempotency-Key': `${once.of(press)}-${what}`,
    });
    try {
      // Asked afresh, since somebody may type faster than the names below appear.
      const named = await answered(api.GET('/api/clients', { params: { query: { words: name } } }));
      const known = named.clients.find((one) => one.name === name.trim());
      const client =
        known ??
        (await answered(api.POST('/api/clients', { headers: headers('client'), body: { name, note: '' } })));
      const latest = known
        ? (await answered(api.GET('/api/clients/{id}', { params: { path: { id: known.id } } }))).cases[0]
        : undefined;
      const made = await answered(
        api.POST('/api/clients/{id}/cases', {
          params: { path: { id: client.id } },
          headers: headers('case'),
          body: {
            date: props.date,
            startTime: time,
            minutes: Number(minutes) || 0,
            chair,
            copyOf: latest?.id ?? 0,
          },
        }),
      );
      once.answered(press);
      await navigate(`/cases/${made.id}/consult`);
    } catch (error) {
      props.onProblem(problemOf(error));
    } finally {
      beginning.current = false;
    }
  };
  return (
    <form
      className="begin"
      onSubmit={(event) => {
        event.preventDefault();
        void begin();
      }}
    >
      <label className="begin-client">
        <span>{say('day.clientKnownOrNew')}</span>
        <Input
          placeholder={say('day.name')}
          aria-label={say('day.client')}
          autoComplete="off"
          value={name}
          onChange={(event) => setName(event.target.value)}
          onPressEnter={(event) => {
            event.preventDefault();
            void begin();
          }}
        />
      </label>
      <TimeField label={say('day.begins')} required value={time} onText={setTime} />
      <label>
        <span>{say('day.minutes')}</span>
        <Input
          value={minutes}
          inputMode="numeric"
          style={{ width: 80 }}
          onChange={(event) => setMinutes(event.target.value)}
        />
      </label>
      <label>
        <span>{say('day.chair')}</span>
        <select className="plain-select" value={chair} onChange={(event) => setChair(event.target.value)}>
          <option value="">{say('day.notSaid')}</option>
          {props.chairs.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <Button type="primary" htmlType="submit">
        {say('day.newCase')}
      </Button>
      {name.trim() !== '' && found.length > 0 && !found.some((one) => one.name === name) && (
        <div className="known-names">
          {found.slice(0, 5).map((one) => (
            <Button key={one.id} onClick={() => setName(one.name)}>
              {one.name}
            </Button>
          ))}
        </div>
      )}
    </form>
  );
}

const FIRST_MINUTE = 8 * 60;
const LAST_MINUTE = 20 * 60;

/** Chairs as lines, the day as their length, appointments where they begin and as long as they take. */
function Lanes({
  day,
  onProblem,
}: {
  day: DayView;
  onProblem: (problem: Problem | null) => void;
}): ReactNode {
  const minute = useMinute();
  const named = [...new Set([...day.chairs, ...day.appointments.map(({ chair }) => chair)])].filter(
    (chair) => chair !== '' || day.appointments.some((one) => one.chair === ''),
  );
  const first = Math.min(FIRST_MINUTE, ...day.appointments.map((one) => minuteOf(one.startTime)));
  const last = Math.min(
    24 * 60,
    Math.max(LAST_MINUTE, ...day.appointments.map((one) => minuteOf(one.startTime) + one.minutes)),
  );
  const at = (m: number): string => `${(100 * (m - first)) / (last - first)}%`;
  const hours = Array.from({ length: Math.floor((last - first) / 60) + 1 }, (_, i) => first + 60 * i);
  return (
    <div className="lanes">
      <div className="lane lane-hours" aria-hidden="true">
        <span className="lane-name" />
        <div className="lane-time">
          {hours.map((hour) => (
            <span key={hour} style={{ left: at(hour) }}>
              {clockOf(hour)}
            </span>
          ))}
        </div>
      </div>
      {named.map((chair) => (
        <div className="lane" key={chair} data-chair={chair}>
          <span className="lane-name">{chair === '' ? say('day.noChairYet') : chair}</span>
          <ul className="lane-time">
            {rows(day.appointments.filter((one) => one.chair === chair)).map(([one, row]) => (
              <li
                key={one.id}
                className={`visit ${one.status.toLowerCase()}`}
                style={{
                  left: at(minuteOf(one.startTime)),
                  width: `calc(${(100 * one.minutes) / (last - first)}% - 3px)`,
                  top: 4 + row * 96,
                }}
              >
                <Appointment one={one} onProblem={onProblem} />
              </li>
            ))}
            <li aria-hidden="true" style={{ height: 100 * Math.max(1, rowCount(day, chair)) }} />
            {day.date === today() && minute > first && minute < last && (
              <li
                className="now"
                style={{ left: at(minute) }}
                aria-label={say('day.now', { minute: clockOf(minute) })}
              />
            )}
          </ul>
        </div>
      ))}
      {day.appointments.length === 0 && <p className="hint">{say('day.noCaseYetOnThis')}</p>}
    </div>
  );
}

/** Who overlaps with somebody on the same chair stands a row below. */
function rows(visits: CaseSummary[]): [CaseSummary, number][] {
  const ends: number[] = [];
  return visits.map((one) => {
    const begins = minuteOf(one.startTime);
    const free = ends.findIndex((end) => end <= begins);
    const row = free < 0 ? ends.length : free;
    ends[row] = begins + one.minutes;
    return [one, row];
  });
}

function rowCount(day: DayView, chair: string): number {
  return Math.max(
    1,
    ...rows(day.appointments.filter((one) => one.chair === chair)).map(([, row]) => row + 1),
  );
}

const NEXT: Record<Status, { to: Status; words: () => string } | null> = {
  BOOKED: { to: 'WAITING', words: () => say('day.arrived') },
  WAITING: { to: 'RUNNING', words: () => say('day.start') },
  RUNNING: { to: 'DONE', words: () => say('day.done') },
  DONE: null,
};

function Appointment({
  one,
  onProblem,
}: {
  one: CaseSummary;
  onProblem: (problem: Problem | null) => void;
}): ReactNode {
  const queries = useQueryClient();
  const words = useVocabulary().data?.statuses.find(({ value }) => value === one.status)?.words ?? '';
  const next = NEXT[one.status];
  const move = async (status: Status): Promise<void> => {
    const path = { params: { path: { id: one.id } } };
    try {
      await answered(api.PUT('/api/cases/{id}/status', { ...path, body: { status } }));
      onProblem(null);
      await queries.invalidateQueries({ queryKey: ['day'] });
    } catch (error) {
      onProblem(problemOf(error));
    }
  };
  return (
    <>
      <Link to={`/cases/${one.id}/consult`} className="visit-link">
        <i aria-hidden="true">
          <Lock look={one.wishLook} />
        </i>
        <strong>{one.clientName}</strong>
        <small>
          {one.startTime.slice(0, 5)}–{clockOf(minuteOf(one.startTime) + one.minutes)}
          <span className="visit-state"> · {words}</span>
        </small>
        <small>{say('day.wish', { wish: one.wish })}</small>
      </Link>
      {next && (
        <Button
          size="small"
          onClick={() => void move(next.to)}
          aria-label={`${next.words()}: ${one.clientName}`}
        >
          {next.words()}
        </Button>
      )}
    </>
  );
}

function Due({ day }: { day: DayView }): ReactNode {
  const copies = useCopies().data;
  return (
    <aside className="due" aria-label={say('day.due')}>
      <h2>{say('day.due')}</h2>
      {copies?.old && (
        <p className="finding warning">
          {say('day.copiesAreOld')} <Link to="/salon">{say('day.safetyCopies')}</Link>
        </p>
      )}
      <DueList
        title={say('day.patchTestsToRead')}
        visits={day.patchTestsToRead}
        none={say('day.noneWaits')}
        page="consult"
      />
      <DueList
        title={say('day.upkeepToCallFor')}
        visits={day.upkeepDue}
        none={say('day.nobody')}
        page="read"
      />
      <h3>{say('day.toRemind')}</h3>
      {day.reminders.length === 0 && <p className="quiet">{say('day.nobody')}</p>}
      <ul>
        {day.reminders.map((one) => (
          <li key={`${one.visitId} ${one.words}`}>
            <Link to={`/clients/${one.clientId}`}>
              <strong>{one.clientName}</strong>
            </Link>{' '}
            <small>
              {say('day.to', {
                words: one.words,
                from: dayWords(one.from),
                to: dayWords(one.to),
                booked: one.booked.map((day) => say('day.booked', { day: dayWords(day) })).join(''),
              })}
            </small>
            {one.warning && <small className="back-outside">{one.warning}</small>}
          </li>
        ))}
      </ul>
      <h3>
        <Link to="/shelf">{say('day.stockLow')}</Link>
      </h3>
      {day.stockLow.length === 0 && <p className="quiet">{say('day.nothing')}</p>}
      <ul>
        {day.stockLow.map((one) => (
          <li key={one.name}>
            <strong>{one.name}</strong> <small>{say('day.gLeft', { grams: one.grams })}</small>
          </li>
        ))}
      </ul>
    </aside>
  );
}

function DueList(props: { title: string; visits: CaseSummary[]; none: string; page: string }): ReactNode {
  return (
    <>
      <h3>{props.title}</h3>
      {props.visits.length === 0 && <p className="quiet">{props.none}</p>}
      <ul>
        {props.visits.map((one) => (
          <li key={one.id}>
            <Link to={`/cases/${one.id}/${props.page}`}>{one.clientName}</Link>{' '}
            <small>{say('day.visitOf', { date: dayWords(one.date) })}</small>
          </li>
        ))}
      </ul>
    </>
  );
}

/** The minute of the day, moving. */
function useMinute(): number {
  const read = (): number => minuteOf(timeWords(serverNow()));
  const [minute, setMinute] = useState(read);
  useEffect(() => {
    const timer = setInterval(() => setMinute(read()), 15_000);
    return () => clearInterval(timer);
  }, []);
  return minute;
}
