import { locale } from '../words/say';
import { dayOf, serverNow, timeWords } from './clock';

/** The day by the program's clock, as 2026-11-23. */
export function today(): string {
  return dayOf(serverNow());
}

/** "Monday 23 November", "Montag, 23. November". */
export function dayWords(date: string): string {
  return new Intl.DateTimeFormat(locale(), { weekday: 'long', day: 'numeric', month: 'long' }).format(
    new Date(`${date}T12:00:00`),
  );
}

/** "23 Nov 2026" */
export function dateWords(date: string): string {
  return new Intl.DateTimeFormat(locale(), { dateStyle: 'medium' }).format(new Date(`${date}T12:00:00`));
}

/** "Monday 23 November, 03:00", of an instant, in the salon's time zone. */
export function instantWords(at: string): string {
  const moment = Date.parse(at);
  return `${dayWords(dayOf(moment))}, ${timeWords(moment)}`;
}

/** Minutes from midnight of 09:30 or 09:30:00. */
export function minuteOf(time: string): number {
  const [hours, minutes] = time.split(':');
  return Number(hours) * 60 + Number(minutes);
}

/** "09:30". */
export function clockOf(minute: number): string {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${two(Math.floor(minute / 60) % 24)}:${two(minute % 60)}`;
}
