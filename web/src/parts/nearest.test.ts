import { describe, expect, it } from 'vitest';
import { nearest } from './nearest';

const tasks = [
  { key: 'mix', startMinute: 0, minutes: 5 },
  { key: 'look', startMinute: 20, minutes: 1 },
  { key: 'apply', startMinute: 24, minutes: 40 },
];

describe('a press beside narrow tasks', () => {
  it('chooses the one it is nearest to', () => {
    expect(nearest(tasks, 19, 8)?.key).toBe('look');
    expect(nearest(tasks, 22, 8)?.key).toBe('look');
    expect(nearest(tasks, 23.5, 8)?.key).toBe('apply');
    expect(nearest(tasks, 40, 8)?.key).toBe('apply');
  });
  it('chooses none out of reach', () => {
    expect(nearest(tasks, 12, 5)).toBeUndefined();
    expect(nearest(tasks.slice(0, 0), 12, 5)).toBeUndefined();
  });
});
