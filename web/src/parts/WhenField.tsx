import { Button } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState, type ReactNode } from 'react';
import { today } from '../state/today';
import { dayText, momentText, readDay, readMoment, readTime } from '../state/when';
import { DraftField, type Written } from './DraftField';
import { say } from '../words/say';

const Month = lazy(async () => ({ default: (await import('./Month')).Month }));

interface Props {
  label: string;
  hideLabel?: boolean;
  value: string;
  refused?: string | undefined;
  /** With what is now meant; empty where nothing is meant any more, unless there has to be something. */
  onText: (value: string) => void;
  required?: boolean;
}

const DAYS: Written = {
  text: dayText,
  read: readDay,
  example: () => say('shared.aDaySuchAs23'),
};
const TIMES: Written = {
  text: (time) => time,
  read: readTime,
  example: () => say('shared.aTimeSuchAs9'),
};
const MOMENTS: Written = {
  text: momentText,
  read: readMoment,
  example: () => say('shared.aDayAndATime'),
};
/** What a patch test was most likely applied at, where only the day was pressed. */
const MORNING = '09:00';

/** A day, written or pressed on a month's leaf. */
export function DayField(props: Props): ReactNode {
  return (
    <DraftField
      {...props}
      width={158}
      written={DAYS}
      within={<Leaf label={props.label} day={props.value} onDay={props.onText} />}
    />
  );
}

/** A time of day, 24 h. */
export function TimeField(props: Props): ReactNode {
  return <DraftField {...props} width={96} inputMode="numeric" written={TIMES} />;
}

/** A day and a time of day. */
export function MomentField(props: Props): ReactNode {
  const [day = '', time = ''] = props.value.split('T');
  return (
    <DraftField
      {...props}
      width={228}
      written={MOMENTS}
      within={
        <Leaf
          label={props.label}
          day={day}
          onDay={(chosen) => props.onText(`${chosen}T${time === '' ? MORNING : time.slice(0, 5)}`)}
        />
      }
    />
  );
}

function Leaf(props: { label: string; day: string; onDay: (day: string) => void }): ReactNode {
  const [open, setOpen] = useState(false);
  const place = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    const away = (event: Event): void => {
      if (!(event.target instanceof Node && place.current?.contains(event.target))) {
        setOpen(false);
      }
    };
    const events = ['pointerdown', 'focusin'];
    if (open) {
      events.forEach((name) => window.document.addEventListener(name, away));
    }
    return () => events.forEach((name) => window.document.removeEventListener(name, away));
  }, [open]);
  const close = (): void => {
    setOpen(false);
    place.current?.querySelector('button')?.focus();
  };
  return (
    <span
      ref={place}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && open) {
          event.stopPropagation();
          close();
        }
      }}
    >
      <Button
        type="text"
        className="leaf"
        aria-label={say('shared.chooseADay', { label: props.label })}
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden="true">
          <path d="M2.5 3.5h11v10h-11zM2.5 6.5h11M5.5 1.8v3M10.5 1.8v3" fill="none" stroke="currentColor" />
        </svg>
      </Button>
      {open && (
        <Suspense>
          <Month
            day={props.day === '' ? today() : props.day}
            onDay={(day) => {
              close();
              props.onDay(day);
            }}
          />
        </Suspense>
      )}
    </span>
  );
}
