import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import type { Reading } from '../records/look.js';
import type { Plan } from '../records/harvest.js';
import {
  drainWaterSaid,
  measuredWater,
  moreDrops,
  workingWater,
  type WaterSources,
} from './measuredWater.js';

const at = (minutes: number): string => new Date(Date.UTC(2026, 2, 14, 12, minutes)).toISOString();
const bench = (percent: number, minutes: number) => ({
  moisturePercent: percent,
  occurredAt: at(minutes),
});
const inComb = (value: number): Reading => ({
  side: 'A',
  cells: 'open',
  scale: 'moisture',
  value,
  temperatureC: 20,
  temperatureCompensated: true,
});
const sources = (change: Partial<WaterSources> = {}): WaterSources => ({
  drains: [],
  waterReadings: [],
  looks: [],
  takes: [],
  ...change,
});

describe('the water of a honey', () => {
  it('is unknown where nobody measured', () => expect(measuredWater(sources())).toBeNull());
  it('is the newest measuring, its wettest drop, with mean and spread', () => {
    const found = measuredWater(
      sources({ waterReadings: [bench(19.2, 0), bench(17.8, 600), bench(18.1, 610)] }),
    )!;
    expect(found).toMatchObject({ percent: 18.1, count: 2, where: 'bench', at: at(610) });
    expect(found.meanPercent).toBeCloseTo(17.95, 9);
    expect(found.spreadPercent).toBeCloseTo(0.3, 9);
    expect(found.says).toBeNull();
  });
  it('asks for more where there was one drop, or drops that differ', () => {
    expect(measuredWater(sources({ waterReadings: [bench(18, 0)] }))!.says).toMatch(
      'jar.water.one-drop',
    );
    expect(
      measuredWater(sources({ waterReadings: [bench(17.2, 0), bench(18.4, 5)] }))!.says,
    ).toMatch('jar.water.stir-well {points: 1.2, more: 22, within: 0.3}');
    const four = [17.6, 18, 18.1, 18.3].map((percent, i) => bench(percent, i));
    expect(measuredWater(sources({ waterReadings: four }))!.says).toMatch(
      'jar.water.stir-and-take {points: 0.7, more: 1}',
    );
  });
  it('counts drops of a drain as of any vessel, and those in the comb where there are none', () => {
    const looks = [
      { combId: 'a', readings: [inComb(17.4)], occurredAt: at(-100) },
      { combId: 'a', readings: [inComb(16.9), inComb(17.1)], occurredAt: at(-50) },
      // After it was taken another comb hangs there.
      { combId: 'a', readings: [inComb(20)], occurredAt: at(500) },
    ];
    const takes = [{ combId: 'a', occurredAt: at(0) }];
    const comb = measuredWater(sources({ looks, takes }))!;
    expect(comb).toMatchObject({ where: 'comb', count: 2 });
    expect(comb.percent).toBeCloseTo(17.1, 1);
    const events = [{ kind: 'moisture', moisturePercent: 18.3, occurredAt: at(60) }];
    const drains = [{ events }] as unknown as WaterSources['drains'];
    expect(measuredWater(sources({ looks, takes, drains }))).toMatchObject({
      percent: 18.3,
      where: 'bench',
    });
  });
});

describe('how many more drops', () => {
  // Student's t at 95 %, one side: 6.314 with one degree of freedom, 2.920 with two, 2.353 with
  // three.
  it.each([
    ['one drop tells no spread', [18], null],
    ['two that agree are enough', [18, 18.05], 0],
    ['two 0.2 apart want one more', [18, 18.2], 1],
    ['three 0.3 apart are enough', [17.9, 18, 18.2], 0],
    ['drops that differ too much want stirring, not counting', [16, 22], 30],
  ])('%s', (_what, drops, more) => expect(moreDrops(drops)).toBe(more));
});

describe('the water a honey is worked with', () => {
  const of = (
    moisturePercent: number | null,
    hiveKind: 'top-bar' | 'stingless' = 'top-bar',
    change: Partial<WaterSources> = {},
  ) => ({ ...sources(change), batch: { hiveKind, plan: { moisturePercent } as Plan } });
  it.each([
    [
      'measured before what the plan said',
      of(19, 'top-bar', { waterReadings: [bench(17.4, 0)] }),
      17.4,
      'measured',
    ],
    ['what the plan said where nobody measured', of(19), 19, 'said'],
    ['assumed for the honeybee', of(null), 18, 'taken'],
    ['assumed for stingless bees', of(null, 'stingless'), 27, 'taken'],
  ] as const)('%s', (_what, detail, percent, basis) =>
    expect(workingWater(detail)).toEqual({ percent, basis }),
  );
  it('is marked where a drain runs on an assumption', () => {
    expect(drainWaterSaid({ moisturePercent: 18 }, of(null))).toBe(
      'jar.water.assumed {water: {percent: 18}}',
    );
    expect(drainWaterSaid({ moisturePercent: 18 }, of(18))).toBe(
      'jar.water.as-said {water: {percent: 18}}',
    );
    expect(drainWaterSaid({ moisturePercent: 17.2 }, of(null))).toBe(
      'jar.water.as-said {water: {percent: 17.2}}',
    );
    const measured = of(null, 'top-bar', { waterReadings: [bench(17.4, 0)] });
    expect(drainWaterSaid({ moisturePercent: 17.4 }, measured)).toBe(
      'jar.water.measured {water: {percent: 17.4}}',
    );
  });
});
