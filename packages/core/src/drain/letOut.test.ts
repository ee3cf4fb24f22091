import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shareLetOut } from './letOut.js';

describe('the share of a bed that has been let out', () => {
  it('is 1 - e^-age to a millionth, whatever the age', () => {
    fc.assert(
      fc.property(fc.double({ min: -25, max: 8, noNaN: true }), (lnAge) => {
        const exactly = -Math.expm1(-Math.exp(lnAge));
        expect(Math.abs(shareLetOut(lnAge) - exactly)).toBeLessThan(1e-6);
      }),
    );
  });

  it('never falls with age', () => {
    const lnAge = fc.double({ min: -25, max: 8, noNaN: true });
    fc.assert(
      fc.property(lnAge, lnAge, (a, b) => {
        const [young, old] = a < b ? [a, b] : [b, a];
        expect(shareLetOut(young)).toBeLessThanOrEqual(shareLetOut(old));
      }),
    );
  });

  it.each([
    ['that has not begun', -Infinity, 0],
    ['that begins later', Math.log(-1), 0],
    ['of one tau', 0, 0.632_120_6],
    ['that began long ago', Infinity, 1],
  ])('of a bed %s', (_, lnAge, share) => {
    expect(shareLetOut(lnAge)).toBeCloseTo(share, 6);
  });
});
