import { describe, expect, it } from 'vitest';
import { combEstimate, correctedEstimate } from '../comb/estimate.js';
import { correctionFor } from '../book/index.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';

const estimate = combEstimate({
  sides: [{ areaCm2: 600, shares: { capped: 0.9, open: 0.06, pollen: 0, brood: 0, empty: 0.04 } }],
  thicknessMm: 28,
  combAge: 'new',
});
const pair = (hiveName: string, by: number, hiveKind: HiveKindName = 'top-bar') => ({
  hiveName,
  hiveKind,
  estimateKg: 2,
  weighedKg: 2 * by,
});
const topBar = (name: string) => ({ name, kind: 'top-bar' as const });

describe('what the scale says of estimates', () => {
  it('takes each edge of honey and wax with it, and leaves the capped share', () => {
    const mended = correctedEstimate(estimate, { low: 1.02, mid: 1.08, high: 1.15 });
    expect(mended.honeyKg.low).toBeCloseTo(estimate.honeyKg.low * 1.02, 9);
    expect(mended.honeyKg.high).toBeCloseTo(estimate.honeyKg.high * 1.15, 9);
    expect(mended.cappedShareOfHoney).toBe(estimate.cappedShareOfHoney);
  });
  it("is the hive's own where it has enough combs, else the household's", () => {
    const cedro = Array.from({ length: 6 }, () => pair('Cedro', 0.8));
    const all = [...cedro, pair('Ipê', 1.2)];
    expect(correctionFor(all, topBar('Cedro'))!.count).toBe(6);
    expect(correctionFor(all, topBar('Ipê'))!.count).toBe(7);
    expect(correctionFor(all, topBar('Cedro'))!.factor.mid).toBeLessThan(
      correctionFor(all, topBar('Ipê'))!.factor.mid,
    );
    expect(correctionFor([], topBar('Ipê'))).toBeNull();
  });
  it('learns nothing from another kind of hive', () => {
    const supers = Array.from({ length: 6 }, () => pair('Bracatinga', 0.7, 'framed'));
    expect(correctionFor(supers, topBar('Ipê'))).toBeNull();
    expect(correctionFor(supers, { name: 'Aroeira', kind: 'framed' })!.count).toBe(6);
  });
});
