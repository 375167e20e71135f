import { useState, type ReactNode } from 'react';
import type { FoilView, JobFoils, TaskState } from '../api/client';
import { SectionMap } from './SectionMap';
import { say } from '../words/say';

/** Where a task's foils lie and which of them is next: by the clock, at the pace the order gives it, or as it is pressed. */
export function ChairFoils(props: { task: TaskState; all: JobFoils; now: number }): ReactNode {
  const { task, all, now } = props;
  const [told, setTold] = useState({ key: '', ahead: 0 });
  const numbers = all.tasks.find(({ key }) => key === task.key)?.foils ?? [];
  const place = new Map(numbers.map((number, i) => [number, i]));
  const ahead = told.key === task.key ? told.ahead : 0;
  const byClock = foilsByNow(task, numbers.length, now);
  const at = Math.max(0, Math.min(numbers.length - 1, byClock + ahead));
  const next = all.foils.find(({ number }) => number === numbers[at]);
  if (!next) {
    return null;
  }
  const press = (number: number): void => {
    const pressed = place.get(number);
    if (pressed !== undefined) {
      setTold({ key: task.key, ahead: pressed - byClock });
    }
  };
  return (
    <div className="chair-foils">
      <p className="chair-foil" data-foil={next.number}>
        <strong>{say('chair.foil', { number: next.number })}</strong>{' '}
        <span>{say('chair.of', { at: at + 1, numbersCount: numbers.length, called: next.called })}</span>
      </p>
      <ul>
        {next.stretches
          .filter(({ bowls }) => bowls.some((bowl) => task.bowls.includes(bowl)))
          .map((one) => (
            <li key={one.fromCm}>
              {one.bowls
                .filter((bowl) => task.bowls.includes(bowl))
                .map((bowl) => (
                  <b key={bowl} className="bowl-name">
                    {bowl}
                  </b>
                ))}
              {say('chair.cm', { fromCm: one.fromCm, toCm: one.toCm, words: one.words })}
            </li>
          ))}
      </ul>
      <div className="chair-map">
        <SectionMap
          foils={all.foils}
          chosen={next.number}
          onChoose={press}
          dimmed={(foil: FoilView) => !place.has(foil.number)}
          laid={(foil: FoilView) => (place.get(foil.number) ?? at) < at}
          only={next.spots[0]?.view}
        />
      </div>
      <p>{say('chair.movesOnWithTheClock')}</p>
    </div>
  );
}

/** How many of a task's foils are laid by now, at the pace the order gives it. */
function foilsByNow(task: TaskState, foils: number, now: number): number {
  const from = task.startedAt[0];
  if (task.state !== 'NOW' || !from) {
    return 0;
  }
  const worked = (now - Date.parse(from)) / 60_000;
  return Math.max(0, Math.min(foils - 1, Math.floor((worked / Math.max(1, task.minutes)) * foils)));
}
