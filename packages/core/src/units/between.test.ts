import fc from 'fast-check';
import { expect, test } from 'vitest';
import { between } from './between.js';

test.each([
  [5, 5],
  [-3, 0],
  [14, 10],
  [0, 0],
  [10, 10],
])('%d is held between nothing and ten', (figure, held) =>
  expect(between(0, 10, figure)).toBe(held),
);

test('what is held is never beyond its ends, and what is within them stays', () => {
  const figure = fc.double({ noNaN: true, min: -1e6, max: 1e6 });
  fc.assert(
    fc.property(figure, figure, figure, (a, b, x) => {
      const [least, most] = [Math.min(a, b), Math.max(a, b)];
      const held = between(least, most, x);
      expect(held >= least && held <= most).toBe(true);
      if (x >= least && x <= most) expect(held).toBe(x);
    }),
  );
});
