import { Button } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { today } from '../state/today';
import { monthsAfter, monthWords, weekdays, weeksOf } from '../state/month';
import { dayText, daysAfter } from '../state/when';
import { say } from '../words/say';

const MOVES: Record<string, (day: string) => string> = {
  ArrowLeft: (day) => daysAfter(day, -1),
  ArrowRight: (day) => daysAfter(day, 1),
  ArrowUp: (day) => daysAfter(day, -7),
  ArrowDown: (day) => daysAfter(day, 7),
  PageUp: (day) => monthsAfter(day, -1),
  PageDown: (day) => monthsAfter(day, 1),
  Home: (day) => `${day.slice(0, 7)}-01`,
  End: (day) => daysAfter(monthsAfter(`${day.slice(0, 7)}-01`, 1), -1),
};

/** A month's days to be pressed; arrows go from day to day, page keys from month to month. */
export function Month({ day, onDay }: { day: string; onDay: (day: string) => void }): ReactNode {
  const [at, setAt] = useState(day);
  const days = useRef<HTMLDivElement>(null);
  useEffect(() => {
    days.current?.querySelector<HTMLElement>('button[tabindex="0"]')?.focus({ preventScroll: true });
    days.current?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  const move = (event: KeyboardEvent): void => {
    const to = MOVES[event.key];
    if (to) {
      event.preventDefault();
      setAt(to(at));
    }
  };
  return (
    <div className="month" ref={days}>
      <div className="month-head">
        <Button aria-label={say('shared.theMonthBefore')} onClick={() => setAt(monthsAfter(at, -1))}>
          ‹
        </Button>
        <strong aria-live="polite">{monthWords(at)}</strong>
        <Button aria-label={say('shared.theMonthAfter')} onClick={() => setAt(monthsAfter(at, 1))}>
          ›
        </Button>
      </div>
      <div role="grid" aria-label={monthWords(at)} tabIndex={-1} onKeyDown={move}>
        <div role="row" className="month-week">
          {weekdays().map((name) => (
            <span key={name} role="columnheader">
              {name}
            </span>
          ))}
        </div>
        {weeksOf(at).map((week) => (
          <div key={week[0]} role="row" className="month-week">
            {week.map((one) => (
              <span key={one} role="gridcell" aria-selected={one === day}>
                <button
                  type="button"
                  tabIndex={one === at ? 0 : -1}
                  className={one.slice(0, 7) === at.slice(0, 7) ? undefined : 'beside'}
                  aria-label={dayText(one)}
                  aria-current={one === today() ? 'date' : undefined}
                  onClick={() => onDay(one)}
                >
                  {Number(one.slice(8))}
                </button>
              </span>
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}
