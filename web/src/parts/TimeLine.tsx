import { useRef, type ReactNode } from 'react';
import type { EventView } from '../api/client';
import { daysAfter } from '../state/when';
import { useWidth } from '../state/useWidth';
import { locale, say } from '../words/say';

interface Props {
  events: EventView[];
  today: string;
  chosen: number;
  onChoose: (event: number) => void;
  onMove: (event: number, date: string) => void;
  words: (service: EventView['service']) => string;
}

const DAY = 24 * 3600 * 1000;
const LEAST_DAYS = 2 * 365 + 60;
const SIDE = 30;
const ROW = 40;

function time(date: string): number {
  return new Date(`${date}T12:00:00`).getTime();
}

/** Two years and more up to today; events stand where they happened and can be dragged along. */
export function TimeLine(props: Props): ReactNode {
  const [area, width] = useWidth<HTMLDivElement>();
  const dragging = useRef<{ x: number; date: string } | null>(null);
  const end = time(props.today);
  const first = Math.min(end - LEAST_DAYS * DAY, ...props.events.map(({ date }) => time(date) - 30 * DAY));
  const wide = Math.max(1, width - 2 * SIDE);
  const x = (date: string): number => SIDE + (wide * (time(date) - first)) / (end - first);
  const rows = spread(props.events.map((event) => x(event.date)));
  const height = 34 + ROW * (Math.max(0, ...rows) + 1);
  const quarters: { at: number; words: string }[] = [];
  const day = new Date(first);
  const name = new Intl.DateTimeFormat(locale(), { month: 'short' });
  for (let month = new Date(day.getFullYear(), day.getMonth() + 1, 1, 12); month.getTime() < end;) {
    if (month.getMonth() % 3 === 0) {
      quarters.push({
        at: SIDE + (wide * (month.getTime() - first)) / (end - first),
        words: `${name.format(month)} ${String(month.getFullYear()).slice(2)}`,
      });
    }
    month = new Date(month.getFullYear(), month.getMonth() + 1, 1, 12);
  }
  return (
    <div
      ref={area}
      className="time-line"
      style={{ height }}
      role="group"
      aria-label={say('history.whatHappenedWhen')}
    >
      <div className="time-axis" style={{ left: SIDE, right: SIDE }} />
      {quarters.map(({ at, words }) => (
        <span key={words} className="time-month" style={{ left: at }} aria-hidden="true">
          {words}
        </span>
      ))}
      <span className="time-month time-today" style={{ left: SIDE + wide }}>
        {say('history.today')}
      </span>
      {props.events.map((event, i) => (
        <button
          key={i}
          type="button"
          className={`time-event ${event.home ? 'home' : ''}`}
          aria-pressed={props.chosen === i}
          aria-label={`${event.date}, ${props.words(event.service)}`}
          style={{ left: Math.min(x(event.date), SIDE + wide - 40), top: ROW * (rows[i] ?? 0) }}
          onClick={() => props.onChoose(i)}
          onKeyDown={(key) => {
            const by = { ArrowLeft: -1, ArrowRight: 1 }[key.key];
            if (by) {
              key.preventDefault();
              props.onMove(i, daysAfter(event.date, by * (key.shiftKey ? 30 : 7)));
            }
          }}
          onPointerDown={(down) => {
            down.currentTarget.setPointerCapture(down.pointerId);
            dragging.current = { x: down.clientX, date: event.date };
            props.onChoose(i);
          }}
          onPointerMove={(move) => {
            const from = dragging.current;
            if (from && Math.abs(move.clientX - from.x) > 4) {
              const days = Math.round(((move.clientX - from.x) / wide) * ((end - first) / DAY));
              const moved = daysAfter(from.date, days);
              if (moved !== event.date && time(moved) <= end) {
                props.onMove(i, moved);
              }
            }
          }}
          onPointerUp={() => {
            dragging.current = null;
          }}
        >
          {short(props.words(event.service))}
        </button>
      ))}
    </div>
  );
}

function short(words: string): string {
  return words.replace(/ colour.*/, '').replace(say('history.reducing'), '');
}

/** Rows from below, so that labels do not lie over one another; rows are given from the top. */
function spread(places: number[]): number[] {
  const taken: number[] = [];
  const order = places.map((at, i) => ({ at, i })).sort((a, b) => a.at - b.at);
  const row: number[] = [];
  order.forEach(({ at, i }) => {
    const free = taken.findIndex((end) => end < at);
    const chosen = free < 0 ? Math.min(taken.length, 3) : free;
    taken[chosen] = at + 96;
    row[i] = chosen;
  });
  return row;
}
