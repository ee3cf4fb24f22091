import { saying } from '../../fixtures/said.js';
import { describe, expect, it } from 'vitest';
import { harvestCautions as harvestCautionsSays, type CautionFacts } from './cautions.js';

const harvestCautions = saying(harvestCautionsSays);

const facts: CautionFacts = {
  way: 'crush',
  stingless: false,
  alive: true,
  dearth: false,
  defensive: false,
  repellent: false,
  liftKg: 8,
  liftLimitKg: 15,
  feelsC: 25,
  heatLimitC: 35,
};
const ids = (said: Partial<CautionFacts> = {}): string[] =>
  harvestCautions({ ...facts, ...said }).map((caution) => caution.id);
const textOf = (id: string, said: Partial<CautionFacts> = {}): string =>
  harvestCautions({ ...facts, ...said }).find((caution) => caution.id === id)!.text;

describe('the cautions of a harvest', () => {
  it('stand each once, at a step, with a sentence', () => {
    const all = harvestCautions({ ...facts, repellent: true });
    expect(new Set(all.map((c) => c.id)).size).toBe(all.length);
    for (const { step, text } of all) {
      expect(step).toMatch(/^[a-z-]+$/);
      expect(text).toMatch(/^ready\.cautions\./);
    }
  });
  it('are in the order of the work: stings before the comb, the comb before the jar', () => {
    const order = ids();
    const at = (id: string): number => order.indexOf(id);
    expect(at('stings')).toBe(0);
    expect(at('robbing')).toBeLessThan(at('infants'));
    expect(at('infants')).toBeLessThan(at('selling'));
  });
  it.each([
    ['a colony that is gone', { alive: false }, ['dead'], ['attack', 'fire']],
    ['stingless bees', { stingless: true }, ['flies', 'native', 'pressure'], ['stings', 'lift']],
    ['comb that is cut', { way: 'cut' }, ['knife'], []],
    ['comb that is drained in place', { way: 'drain-hive' }, [], ['knife-crush', 'wax']],
    ['a repellent board', { repellent: true }, ['repellent'], []],
    ['a cool day', { feelsC: 20 }, [], ['heat']],
    ['weather that is not known', { feelsC: null }, ['heat'], []],
  ] as const)('%s', (_what, said, there, notThere) => {
    const found = ids(said);
    expect(found).toEqual(expect.arrayContaining([...there]));
    expect(found.filter((id) => (notThere as readonly string[]).includes(id))).toEqual([]);
  });
  it('say how heavy it is, and when it is too heavy for one', () => {
    expect(textOf('lift')).toBe(
      'ready.cautions.full-tub-weighs-about {liftKg: {massG: 8000, as: whole}}',
    );
    expect(textOf('lift', { liftKg: 22 })).toContain(
      'ready.cautions.it-weighs-about-over-your {liftKg: {massG: 22000, as: whole}, ' +
        'liftLimitKg: {massG: 15000, as: whole}}',
    );
  });
  it('say how hot it will feel from four degrees under the limit on', () => {
    expect(ids({ feelsC: 30.9 })).not.toContain('heat');
    expect(textOf('heat', { feelsC: 31 })).toContain(
      'ready.cautions.it-will-feel-like-your {feelsC: {temperatureC: 31}, heatLimitC: {temperatureC: 35}}',
    );
  });
  it('say of a defensive colony that it is one', () => {
    expect(textOf('attack', { defensive: true })).toMatch(
      'ready.cautions.they-are-noted-as-defensive',
    );
  });
});
