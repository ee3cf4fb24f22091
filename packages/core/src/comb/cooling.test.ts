import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sayingLine } from '../../fixtures/said.js';
import { BadInput } from '../badInput.js';
import { calculate } from '../calculators.js';
import { coreWarmingHours } from '../cut/freezing.js';
import { coldCore, coreHours, freezeHours, mothHoldHours, type CoolingInput } from './cooling.js';

const piece: CoolingInput = {
  widthMm: 90,
  heightMm: 90,
  depthMm: 35,
  packing: 'piece',
  startC: 25,
  freezerC: -18,
  targetC: -12,
};
const mediumSuper: CoolingInput = {
  ...piece,
  widthMm: 420,
  heightMm: 380,
  depthMm: 168,
  packing: 'super',
};

/**
 * The same block by another way: finite volumes over an eighth of it, explicit steps, no series.
 * Gives hours until its inner corner, the core, has come to the target.
 */
function byFiniteVolumes(
  input: CoolingInput,
  body: { diffusivity: number; heatPerM3: number; transfer: number },
): number {
  const cells = 7;
  const sides = [input.widthMm, input.heightMm, input.depthMm].map((mm) => mm / 2000 / cells);
  const conductivity = body.diffusivity * body.heatPerM3;
  const at = (i: number, j: number, k: number): number => (i * cells + j) * cells + k;
  const strides = [cells * cells, cells, 1];
  let now = new Float64Array(cells ** 3).fill(input.startC);
  const seconds = 0.12 / sides.reduce((sum, d) => sum + body.diffusivity / d ** 2, 0);
  for (let step = 1; step < 1e6; step++) {
    const next = now.slice();
    for (let i = 0; i < cells; i++)
      for (let j = 0; j < cells; j++)
        for (let k = 0; k < cells; k++) {
          const here = at(i, j, k);
          let gain = 0;
          [i, j, k].forEach((place, axis) => {
            const d = sides[axis];
            if (place > 0)
              gain += (conductivity * (now[here - strides[axis]] - now[here])) / d ** 2;
            if (place < cells - 1)
              gain += (conductivity * (now[here + strides[axis]] - now[here])) / d ** 2;
            else
              gain +=
                (input.freezerC - now[here]) / (d / (2 * conductivity) + 1 / body.transfer) / d;
          });
          next[here] += (gain * seconds) / body.heatPerM3;
        }
    now = next;
    if (now[0] <= input.targetC) return (step * seconds) / 3600;
  }
  return Infinity;
}

describe('cold on its way to the core', () => {
  it(
    'agrees with finite volumes over the same block, at the quick and the slow edge',
    { timeout: 30_000 },
    () => {
      const quick = byFiniteVolumes(piece, { diffusivity: 1.7e-7, heatPerM3: 2.9e6, transfer: 8 });
      const slow = byFiniteVolumes(piece, { diffusivity: 1.0e-7, heatPerM3: 3.1e6, transfer: 5 });
      const { low, high } = coreHours(piece);
      expect(Math.abs(low / quick - 1)).toBeLessThan(0.05);
      expect(Math.abs(high / slow - 1)).toBeLessThan(0.05);
    },
  );
  it('takes 2 to 5.5 h for a wrapped 90 x 90 x 35 mm piece to -7 to -15 °C (SCIENCE 8)', () => {
    expect(coreHours({ ...piece, targetC: -7 }).low).toBeCloseTo(2, 0);
    expect(coreHours({ ...piece, targetC: -15 }).high).toBeCloseTo(5.5, 0);
  });
  it('takes 15 to 36 h for a full super to -7 to -15 °C (SCIENCE 8), within a tenth', () => {
    const first = coreHours({ ...mediumSuper, targetC: -7 }).low;
    const last = coreHours({ ...mediumSuper, targetC: -15 }).high;
    expect(first).toBeGreaterThan(15 * 0.9);
    expect(first).toBeLessThan(15 * 1.1);
    expect(last).toBeGreaterThan(36 * 0.9);
    expect(last).toBeLessThan(36 * 1.1);
  });
  it('takes longer the thicker, the warmer at the start, the colder the core asked and the warmer the freezer', () => {
    const degrees = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom('piece' as const, 'frame' as const, 'super' as const),
        fc.double({ min: 15, max: 300, noNaN: true }),
        degrees(5, 30),
        degrees(-14, -7),
        (packing, depthMm, startC, targetC) => {
          const of = (change: Partial<CoolingInput>): number =>
            coreHours({ ...piece, packing, depthMm, startC, targetC, ...change }).mid;
          const base = of({});
          expect(of({ depthMm: depthMm + 5 })).toBeGreaterThan(base);
          expect(of({ startC: startC + 2 })).toBeGreaterThan(base);
          expect(of({ targetC: targetC - 1 })).toBeGreaterThan(base);
          expect(of({ freezerC: -17 })).toBeGreaterThan(base);
        },
      ),
    );
  });
  it('is never reached where the freezer is no colder than the core asked, and at once where it is cold already', () => {
    expect(coldCore({ ...piece, freezerC: -10 }, sayingLine)).toEqual({
      hours: null,
      reached: false,
      sentence: 'comb.cold.never {freezer: {temperatureC: -10}, core: {temperatureC: -12}}',
    });
    expect(coldCore({ ...piece, freezerC: -12 }).reached).toBe(false);
    expect(coldCore({ ...piece, startC: -14 })).toMatchObject({
      hours: { low: 0, high: 0 },
      reached: true,
    });
  });
  it('starts from 25 °C where nothing is said, and refuses a side of nothing', () => {
    const { startC: _, ...unsaid } = piece;
    expect(calculate('cold-core', unsaid)).toEqual(coldCore(piece));
    expect(() => calculate('cold-core', { ...piece, depthMm: 0 })).toThrow(
      expect.objectContaining({ path: 'depthMm' }) as BadInput,
    );
  });
});

describe('thawing, closed', () => {
  it('agrees with finite volumes warmed the other way round', { timeout: 30_000 }, () => {
    // A frozen piece in a room of 22 °C until its core is within two degrees of it.
    const { low } = coreWarmingHours({
      packing: 'piece',
      widthMm: 90,
      heightMm: 90,
      thicknessMm: 35,
      freezerC: -18,
      roomC: 22,
    });
    // Mirrored about the room, warming is cooling: from 62 °C to 24 °C in air of 22 °C.
    const quick = byFiniteVolumes(
      { ...piece, startC: 62, freezerC: 22, targetC: 24 },
      { diffusivity: 1.7e-7, heatPerM3: 2.9e6, transfer: 8 },
    );
    expect(Math.abs(low / quick - 1)).toBeLessThan(0.05);
  });
});

describe('cold against wax moth', () => {
  it('holds as long as published by Cantwell and Smith (1970): -7 °C 4.5 h, -12 °C 3 h, -15 °C 2 h', () => {
    expect([-7, -12, -15, -20].map(mothHoldHours)).toEqual([4.5, 3, 2, 2]);
    expect(mothHoldHours(-5)).toBeNull();
  });
  it('is the cooling and the holding together, and never in a freezer too warm for moth', () => {
    const { targetC: _, ...there } = piece;
    expect(freezeHours(there).mid).toBeCloseTo(coreHours(piece).mid + 3, 9);
    expect(freezeHours({ ...there, freezerC: -7 }).low).toBe(Infinity);
    expect(freezeHours({ ...there, freezerC: -8 }).low).toBeGreaterThan(4.5);
  });
});
