/** Days and times of day as they are written and read; kept as 2026-11-23, 08:30 and 2026-11-23T08:30. */

import { locale } from '../words/say';

const CENTURY = 2000;

/** "23/11/2026", "23.11.2026". */
export function dayText(day: string): string {
  const format = new Intl.DateTimeFormat(locale(), {
    day: '2-digit',
    month: '2-digit',
    year: 'numeric',
    timeZone: 'UTC',
  });
  return day === '' ? '' : format.format(utc(day));
}

/** In small letters, in the language that is spoken. */
function months(): string[] {
  const name = new Intl.DateTimeFormat(locale(), { month: 'long', timeZone: 'UTC' });
  return Array.from({ length: 12 }, (_, m) => name.format(Date.UTC(2026, m, 1)).toLowerCase());
}

/** "23/11/2026 08:30". */
export function momentText(moment: string): string {
  const [day = '', time = ''] = moment.split('T');
  return `${dayText(day)} ${time.slice(0, 5)}`.trim();
}

/** A day as people write it: 23/11/2026, 23.11.26, 23 nov 2026, 2026-11-23. @return null where it is none */
export function readDay(text: string): string | null {
  const written = text.trim().toLowerCase();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(written);
  if (iso) {
    return dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  }
  const figures = /^(\d{1,2})[./ -]+(\d{1,2})[./ -]+(\d{4}|\d{2})$/.exec(written);
  if (figures) {
    return dayOf(yearOf(figures[3] ?? ''), Number(figures[2]), Number(figures[1]));
  }
  const named = /^(\d{1,2})[. ]+(\p{L}{3,})[. ]+(\d{4}|\d{2})$/u.exec(written);
  const month = months().findIndex((name) => name.startsWith(named?.[2] ?? '?'));
  return named && month >= 0 ? dayOf(yearOf(named[3] ?? ''), month + 1, Number(named[1])) : null;
}

/** A time of day as people write it: 8:30, 8.30, 830, 8. @return null where it is none */
export function readTime(text: string): string | null {
  const found = /^(\d{1,2})(?:[:. h]?(\d{2}))?$/.exec(text.trim());
  const hours = Number(found?.[1] ?? Number.NaN);
  const minutes = Number(found?.[2] ?? 0);
  return hours < 24 && minutes < 60 ? `${two(hours)}:${two(minutes)}` : null;
}

/** A day and a time of day, the time last. @return null where it is no moment */
export function readMoment(text: string): string | null {
  const found = /^(.+?)(?:[T,]\s*|\s+)(\d{1,2}[:.]\d{2}|\d{3,4})$/.exec(text.trim());
  const day = readDay(found?.[1] ?? '');
  const time = readTime(found?.[2] ?? '');
  return day !== null && time !== null ? `${day}T${time}` : null;
}

/** So many days later, or earlier. */
export function daysAfter(day: string, days: number): string {
  return new Date(utc(day) + days * 86_400_000).toISOString().slice(0, 10);
}

/** Its midnight in milliseconds since 1970, in no zone. */
export function utc(day: string): number {
  return Date.parse(`${day}T00:00:00Z`);
}

function yearOf(text: string): number {
  return text.length === 2 ? CENTURY + Number(text) : Number(text);
}

function dayOf(year: number, month: number, day: number): string | null {
  const found = `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;
  const time = utc(found);
  return !Number.isNaN(time) && new Date(time).toISOString().startsWith(found) ? found : null;
}

function two(figure: number): string {
  return String(figure).padStart(2, '0');
}
