import { expect, it } from 'vitest';
import { monthsAfter, weeksOf } from './month';
import { dayText, momentText, readDay, readMoment, readTime } from './when';

it('reads a day however it is written, and writes it one way', () => {
  for (const written of [
    '23/11/2026',
    '23.11.26',
    '23-11-2026',
    '23 11 2026',
    '23 Nov 2026',
    '23. november 26',
  ]) {
    expect(readDay(written), written).toBe('2026-11-23');
  }
  expect(readDay(' 2026-11-23 ')).toBe('2026-11-23');
  expect(dayText('2026-11-23')).toBe('23/11/2026');
  expect(readDay(dayText('2024-02-29'))).toBe('2024-02-29');
});

it('takes no day that is none', () => {
  for (const written of [
    '',
    '29/02/2026',
    '31.4.26',
    '13/13/2026',
    '23 xyz 2026',
    '23/11',
    'tomorrow',
    '2026-00-10',
  ]) {
    expect(readDay(written), written).toBeNull();
  }
});

it('reads a time of day, and none that is none', () => {
  for (const [written, time] of [
    ['8', '08:00'],
    ['830', '08:30'],
    ['8:30', '08:30'],
    ['08.30', '08:30'],
    ['23:59', '23:59'],
    ['24:00', null],
    ['8:60', null],
    ['eight', null],
    ['', null],
  ] as const) {
    expect(readTime(written), written).toBe(time);
  }
});

it('reads a moment, the time last', () => {
  for (const written of ['23/11/2026 8:30', '2026-11-23T08:30', '23 nov 2026, 830', '23.11.26 8.30']) {
    expect(readMoment(written), written).toBe('2026-11-23T08:30');
  }
  expect(momentText('2026-11-23T08:30')).toBe('23/11/2026 08:30');
  expect(readMoment('23/11/2026')).toBeNull();
});

it('has every day of a month once, from a Monday on', () => {
  const days = weeksOf('2026-11-15').flat();
  expect(days[0]).toBe('2026-10-26');
  expect(days.filter((day) => day.startsWith('2026-11'))).toHaveLength(30);
  expect(new Set(days).size).toBe(42);
  expect(monthsAfter('2026-01-31', 1)).toBe('2026-02-28');
  expect(monthsAfter('2026-03-31', -13)).toBe('2025-02-28');
});
