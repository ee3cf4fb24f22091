import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shareJoined, type Brought } from './joined.js';

const brought = (batchId: string, honeyG = 0): Brought => ({
  batchId,
  honeyG,
  waxG: Math.round(honeyG / 20),
  wetWaxG: Math.round(honeyG / 10),
  worth: honeyG / 50,
  cost: 2,
});
const sum = (list: readonly Brought[], key: keyof Omit<Brought, 'batchId'>): number =>
  list.reduce((total, h) => total + h[key], 0);

describe('hives whose comb went into one vessel', () => {
  it('each have their share by the comb they put in', () => {
    const shared = shareJoined(
      [brought('lime', 3000), brought('plum'), brought('other', 900)],
      new Map([['lime', 2400]]),
      [{ fromBatchId: 'plum', intoBatchId: 'lime', g: 1600 }],
    );
    expect(shared.map((h) => h.honeyG)).toEqual([1800, 1200, 900]);
    expect(shared[1]).toMatchObject({ waxG: 60, wetWaxG: 120, worth: 24 });
  });
  it('leave every gram where it was in the whole', () => {
    const harvest = fc.record({
      honeyG: fc.integer({ min: 0, max: 20_000 }),
      combG: fc.integer({ min: 1, max: 20_000 }),
    });
    fc.assert(
      fc.property(fc.array(harvest, { minLength: 2, maxLength: 6 }), (list) => {
        const harvests = list.map((h, i) => brought(String(i), h.honeyG));
        const shared = shareJoined(
          harvests,
          new Map([['0', list[0].combG]]),
          list.slice(1).map((h, i) => ({
            fromBatchId: String(i + 1),
            intoBatchId: '0',
            g: h.combG,
          })),
        );
        for (const key of ['honeyG', 'waxG', 'wetWaxG'] as const) {
          expect(sum(shared, key)).toBe(sum(harvests, key));
          expect(shared.every((h) => Number.isInteger(h[key]))).toBe(true);
        }
        expect(sum(shared, 'worth')).toBeCloseTo(sum(harvests, 'worth'), 6);
      }),
    );
  });
});
