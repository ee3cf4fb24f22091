import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { harvestCautions } from '../ready/index.js';
import { topBarSteps } from './steps.js';
import { tareCheck } from './tareCheck.js';

describe('steps of a top-bar harvest', () => {
  const anyBars = fc.uniqueArray(fc.integer({ min: 2, max: 30 }), { minLength: 1, maxLength: 12 });
  it('name every chosen bar once, from the back, between opening and closing', () => {
    fc.assert(fc.property(anyBars, (bars) => {
      const steps = topBarSteps({ bars, lastCombBar: Math.max(...bars) + 1 });
      const combs = steps.filter((s) => s.kind === 'comb').map((s) => s.bar!);
      expect(combs).toEqual([...bars].sort((a, b) => b - a));
      const kinds = steps.map((s) => s.kind);
      expect(kinds.indexOf('open')).toBeLessThan(kinds.indexOf('comb'));
      expect(kinds.lastIndexOf('comb')).toBeLessThan(kinds.indexOf('close'));
      expect(kinds.at(-1)).toBe('after');
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
    }));
  });
  it('ask to slide bars aside only where some stand behind', () => {
    expect(topBarSteps({ bars: [14], lastCombBar: 14 }).map((s) => s.text).join(' ')).not.toMatch(/Slide the bars behind/);
    expect(topBarSteps({ bars: [14], lastCombBar: 17 }).map((s) => s.text).join(' ')).toMatch(/Slide the bars behind 14/);
  });
  it('care for people and bees where it matters', () => {
    const steps = topBarSteps({ bars: [12], lastCombBar: 12 });
    expect(steps[0].caution).toMatch(/Never alone/);
    expect(steps.find((s) => s.kind === 'comb')!.caution).toMatch(/put it back/);
    expect(steps.find((s) => s.id === 'shut')!.caution).toMatch(/never close it/);
    expect(steps.at(-1)!.text).toMatch(/24 hours/);
    for (const s of steps) expect(s.done.length).toBeGreaterThan(3);
  });
});

describe('the tare check', () => {
  it('always computes gross less tare, whatever it asks', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 40_000 }), fc.integer({ min: 0, max: 10_000 }), fc.option(fc.integer({ min: 0, max: 5000 }), { nil: null }), (grossG, tareG, vesselTareG) => {
      const result = tareCheck({ grossG, tareG, vesselTareG, expectedKg: { low: 1.5, mid: 2, high: 2.5 } });
      expect(result.netG).toBe(grossG - tareG);
      expect(result.question === 'tare-above-gross').toBe(tareG > grossG);
    }));
  });
  it('asks nothing where nothing is expected', () => expect(tareCheck({ grossG: 50_000, tareG: 0, vesselTareG: null, expectedKg: null }).question).toBeNull());
});

describe('cautions', () => {
  const cautions = harvestCautions({ way: 'crush', stingless: false, dearth: false, defensive: false, repellent: false, liftLimitKg: 15, feelsC: null, heatLimitC: 32, liftKg: 11.6 });
  it('say what the full tub weighs', () => expect(cautions.find((c) => c.id === 'lift')!.text).toMatch(/about 12 kg/));
  it('say whom to ask, and never that honey is safe, legal or free of disease', () => {
    for (const id of ['stings', 'sick', 'selling', 'treated']) expect(cautions.find((c) => c.id === id)!.ask, id).toBeTruthy();
    for (const c of cautions) expect(c.text).not.toMatch(/\b(is|are) (safe|legal|disease-free)\b/i);
  });
  it('send people away from a mass attack, and never into water', () => expect(cautions.find((c) => c.id === 'attack')!.text).toMatch(/never into water/));
});
