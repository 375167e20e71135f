/** A month's leaf; fetched when one is opened. */

import { locale } from '../words/say';
import { daysAfter, utc } from './when';

/** "November 2026". */
export function monthWords(day: string): string {
  return new Intl.DateTimeFormat(locale(), { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    utc(day),
  );
}

/** Monday first. */
export function weekdays(): string[] {
  const name = new Intl.DateTimeFormat(locale(), { weekday: 'short', timeZone: 'UTC' });
  return Array.from({ length: 7 }, (_, d) => name.format(Date.UTC(2026, 10, 23 + d)));
}

/** The same day of another month, or its last. */
export function monthsAfter(day: string, months: number): string {
  const [year = 0, month = 1, of = 1] = day.split('-').map(Number);
  const last = new Date(Date.UTC(year, month - 1 + months + 1, 0)).getUTCDate();
  return new Date(Date.UTC(year, month - 1 + months, Math.min(of, last))).toISOString().slice(0, 10);
}

/** Six weeks that hold the month of a day, from a Monday on. */
export function weeksOf(day: string): string[][] {
  const first = `${day.slice(0, 7)}-01`;
  const monday = daysAfter(first, -((new Date(utc(first)).getUTCDay() + 6) % 7));
  return Array.from({ length: 6 }, (_, w) =>
    Array.from({ length: 7 }, (_, d) => daysAfter(monday, 7 * w + d)),
  );
}
