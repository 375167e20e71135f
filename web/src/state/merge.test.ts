import { describe, expect, it } from 'vitest';
import { differences, rebased, same } from './merge';

const one = { wish: 'cool', zones: [{ cm: 5 }, { cm: 9 }], chair: '' };

describe('rebased', () => {
  it('does what was changed on something else, and leaves the rest', () => {
    const mine = { ...one, zones: [{ cm: 5 }, { cm: 10 }] };
    const theirs = { ...one, wish: 'warm', zones: [{ cm: 6 }, { cm: 9 }] };
    expect(rebased(one, mine, theirs)).toEqual({ wish: 'warm', zones: [{ cm: 6 }, { cm: 10 }], chair: '' });
  });

  it('takes a list whole where something was added', () => {
    const mine = { ...one, zones: [...one.zones, { cm: 20 }] };
    expect(rebased(one, mine, { ...one, chair: 'Basin' })).toEqual({ ...mine, chair: 'Basin' });
  });

  it('changes nothing where nothing was changed', () => {
    expect(rebased(one, structuredClone(one), { ...one, wish: 'x' })).toEqual({ ...one, wish: 'x' });
  });
});

describe('differences', () => {
  it('names the places', () => {
    expect(differences(one, { ...one, wish: 'warm', zones: [{ cm: 5 }, { cm: 8 }] })).toEqual([
      'wish',
      'zones[1].cm',
    ]);
    expect(same(one, structuredClone(one))).toBe(true);
  });
});
