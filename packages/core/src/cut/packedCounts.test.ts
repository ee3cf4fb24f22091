import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { packedCounts } from './packedCounts.js';

const limits = fc.array(fc.option(fc.integer({ min: 0, max: 12 })), { minLength: 1, maxLength: 6 });

describe('counts of limited kinds in one number', () => {
  it('add and compare as the counts themselves do', () => {
    fc.assert(
      fc.property(limits, fc.infiniteStream(fc.nat()), (given, draws) => {
        const packed = packedCounts(given)!;
        const counts = (): number[] => given.map((l) => draws.next().value! % ((l ?? 0) + 1));
        const code = (of: readonly number[]): number =>
          of.reduce((sum, n, kind) => sum + n * packed.one[kind], 0);
        const [one, other] = [counts(), counts()];
        expect(packed.fit(code(one))).toBe(true);
        const isWithin = one.every((n, kind) => n + other[kind] <= (given[kind] ?? Infinity));
        expect(packed.fit(code(one) + code(other))).toBe(isWithin);
        const isAtMost = one.every((n, kind) => given[kind] === null || n <= other[kind]);
        expect(packed.atMost(code(one), code(other))).toBe(isAtMost);
      }),
    );
  });
  it('take no room for a kind without a limit', () => {
    expect(packedCounts([null, 3, null])?.one).toEqual([0, 1, 0]);
  });
  it('are none where the limits take more than one number', () => {
    expect(packedCounts(new Array(8).fill(12))).toBeNull();
    expect(packedCounts(new Array(6).fill(12))).not.toBeNull();
  });
});
