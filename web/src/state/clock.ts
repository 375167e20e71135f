import { answered, api } from '../api/client';

/** The program's clock, counted on by the screen: whatever the tablet's own clock shows, there is only one time. */
let base = Date.now();
let at = performance.now();
let hasten = 1;
let zone: string | undefined;

export async function syncClock(): Promise<void> {
  const told = await answered(api.GET('/api/clock'));
  base = Date.parse(told.now);
  at = performance.now();
  hasten = told.hasten;
  zone = known(told.zone);
}

function known(name: string): string | undefined {
  try {
    return new Intl.DateTimeFormat('en-GB', { timeZone: name }).resolvedOptions().timeZone;
  } catch {
    return undefined;
  }
}

/** Milliseconds since 1970, as the program's clock has them. */
export function serverNow(): number {
  return base + (performance.now() - at) * hasten;
}

/** "09:30", in the salon's time zone. */
export function timeWords(moment: number): string {
  return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(
    moment,
  );
}

/** "2026-11-23", in the salon's time zone. */
export function dayOf(moment: number): string {
  return new Intl.DateTimeFormat('en-CA', {
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    timeZone: zone,
  }).format(moment);
}

const EVERY = 60_000;

/** Keeps the clock true; an answer that does not come changes nothing. */
export function followClock(): void {
  setInterval(() => void syncClock().catch(() => undefined), EVERY);
}
