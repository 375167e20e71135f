import { useEffect, useState } from 'react';
import type { ClockView, JobView } from '../api/client';

const TICK = 500;
const MINUTE = 60_000;

export type Phase = ClockView['phase'];

/** The program's time, counted on from its last answer: it runs while no answer comes. */
export function useJobTime(job: JobView): number {
  const [now, setNow] = useState(() => Date.parse(job.now));
  useEffect(() => {
    const at = performance.now();
    const from = Date.parse(job.now);
    const tick = (): void => setNow(from + (performance.now() - at) * job.hasten);
    const timer = window.setInterval(tick, TICK);
    return () => window.clearInterval(timer);
  }, [job.now, job.hasten]);
  return now;
}

export function workedOf(clock: ClockView, now: number): number {
  return Math.max(0, (now - Date.parse(clock.since)) / MINUTE);
}

/** Between two answers the clock is held against the borders the program gave. */
export function phaseOf(clock: ClockView, now: number): Phase {
  const worked = workedOf(clock, now);
  if (worked < clock.earliestMinutes) {
    return 'TOO_EARLY';
  }
  if (worked > clock.latestMinutes) {
    return 'LATE';
  }
  return worked >= clock.soonMinutes ? 'SOON_LATE' : 'RIGHT';
}
