import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sharePercents } from '../comb/contents.js';
import { wholeParts } from './wholeParts.js';

describe('parts that are shown add up to what they are parts of', () => {
  it.each([
    {
      name: 'the largest remainders are rounded up',
      parts: [60.4, 33.5, 1.9, 0, 4.2],
      whole: [60, 34, 2, 0, 4],
    },
    {
      name: 'rounded apart they would be 101',
      parts: [60.3, 33.5, 1.6, 0, 4.6],
      whole: [60, 33, 2, 0, 5],
    },
    { name: 'whole numbers stay', parts: [29, 7, 64], whole: [29, 7, 64] },
    { name: 'nothing stays nothing', parts: [0, 0], whole: [0, 0] },
  ])('$name', ({ parts, whole }) => expect(wholeParts(parts)).toEqual(whole));

  it('holds for any parts: the sum is right, and none is off by one or more', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1000, noNaN: true }), { minLength: 1 }),
        (parts) => {
          const shown = wholeParts(parts);
          const sum = parts.reduce((a, b) => a + b, 0);
          expect(shown.reduce((a, b) => a + b, 0)).toBe(Math.round(sum));
          shown.forEach((part, i) =>
            expect(Math.abs(part - parts[i])).toBeLessThanOrEqual(1 + 1e-6),
          );
        },
      ),
    ));

  it('gives the shares of a side as whole percents of 100', () =>
    expect(
      sharePercents({ capped: 0.603, open: 0.335, pollen: 0.016, brood: 0, empty: 0.046 }),
    ).toEqual({ capped: 60, open: 33, pollen: 2, brood: 0, empty: 5 }));
});
