import { expect, it } from 'vitest';
import { Keys } from './useOnce';

it('a press keeps its key until it was answered', () => {
  let next = 0;
  const keys = new Keys(() => `k${++next}`);
  expect(keys.of('FINISHED a')).toBe('k1');
  expect(keys.of('FINISHED a')).toBe('k1');
  expect(keys.of('STARTED b')).toBe('k2');
  keys.answered('FINISHED a');
  expect(keys.of('FINISHED a')).toBe('k3');
});
