import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, DAY, face, situation } from '../../../fixtures/situations.js';
import { addDays } from '../../units/dates.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { daysSinceFed, syrup } from './syrup.js';

const fed = (daysAgo: number, litres = 2, what: 'syrup' | 'fondant' = 'syrup') =>
  [daysAgo, { kind: 'feeding', what, litres }] as NonNullable<Change['facts']>[number];
const looked = (daysAgo: number, filled: number) => ({
  on: addDays(DAY.south, -daysAgo),
  sides: { A: face(0, filled), B: face(0, filled) },
});
const OLD = addDays(DAY.south, -200);
type Row = [name: string, change: Change, answer: Finding['answer'], keys: string[]];

describe('whether it may hold what was fed', () => {
  it.each<Row>([
    ['nothing was fed', {}, 'no', ['look.syrup.none']],
    [
      'built within a month of it',
      { facts: [fed(20)], comb: { builtOn: addDays(DAY.south, -10) } },
      'yes',
      ['look.syrup.fed', 'look.syrup.built-from-it', 'look.syrup.may-hold', 'look.syrup.at-most'],
    ],
    [
      'built more than a month later',
      { facts: [fed(90)], comb: { builtOn: addDays(DAY.south, -20) } },
      'no',
      ['look.syrup.fed', 'look.syrup.built-later'],
    ],
    [
      'had room and gained since',
      { facts: [fed(15)], comb: { builtOn: OLD, earlier: [looked(20, 0.4)] } },
      'yes',
      ['look.syrup.fed', 'look.syrup.gained', 'look.syrup.may-hold', 'look.syrup.at-most'],
    ],
    [
      'was full before',
      { facts: [fed(15)], comb: { builtOn: OLD, earlier: [looked(20, 1)] } },
      'no',
      ['look.syrup.fed', 'look.syrup.was-full'],
    ],
    [
      'nobody looked before it was fed',
      { facts: [fed(15)], comb: { builtOn: OLD } },
      'unknown',
      ['look.syrup.fed', 'look.syrup.nobody-looked', 'look.syrup.at-most'],
    ],
    [
      'seen empty since',
      { facts: [fed(40)], comb: { builtOn: OLD, earlier: [looked(20, 0)] } },
      'no',
      ['look.syrup.fed', 'look.syrup.empty-since'],
    ],
  ])('%s', (_, change, answer, keys) => {
    const found = syrup(situation('top-bar', 'south', change));
    expect(found.answer).toBe(answer);
    expect(keysOf(found.sentence)).toEqual(keys);
  });

  it('names each feeding with its volume and day', () => {
    const found = syrup(
      situation('top-bar', 'south', {
        facts: [fed(20, 2), fed(12, 1, 'fondant')],
        comb: { builtOn: addDays(DAY.south, -8) },
      }),
    );
    const feedings = standsIn(found.sentence, 'look.syrup.fed')?.feedings as { and: unknown[] };
    expect(feedings.and).toEqual([
      {
        key: 'look.syrup.feeding.syrup',
        with: { volume: { volumeL: 2 }, on: { date: addDays(DAY.south, -20) } },
      },
      {
        key: 'look.syrup.feeding.fondant',
        with: { volume: { volumeL: 1 }, on: { date: addDays(DAY.south, -12) } },
      },
    ]);
    expect(found.restsOn.map((r) => r.ageDays)).toEqual([20, 12]);
  });

  it('says at most how much of the stores can be from it: sugar of 1 to 1 up to 2 to 1', () => {
    const found = syrup(
      situation('top-bar', 'south', {
        facts: [fed(20, 2)],
        comb: { builtOn: addDays(DAY.south, -10) },
      }),
    );
    const stores = standsIn(found.sentence, 'look.syrup.at-most')?.stores as {
      massG: { low: number; high: number };
    };
    // 2 L of 1.23 kg/L at 50 °Brix, and of 1.33 kg/L at 67 °Brix, over 0.82 of dry stores.
    expect(stores.massG.low).toBeCloseTo(1500, 0);
    expect(stores.massG.high).toBeCloseTo(2173, 0);
  });

  it('days since the last feeding are of the last one', () => {
    expect(daysSinceFed(situation('top-bar', 'south', { facts: [fed(30), fed(4)] }))).toBe(4);
    expect(daysSinceFed(situation('top-bar'))).toBeNull();
  });
});
