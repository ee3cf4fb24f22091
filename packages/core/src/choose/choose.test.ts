import { asWritten } from '../say/say.js';
import { said } from '../../fixtures/said.js';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { comb, hive, household, JARS, manyHives, solver, VESSELS } from '../../fixtures/chooser.js';
import { pickVessels } from '../ready/index.js';
import {
  alternatives,
  bindings,
  type ChoiceHive,
  type ChoiceUnit,
  choose,
  chooseInStages,
  chooseModel,
  type ChooseModel,
  type ChooseQuestion,
  PLAIN_QUESTION,
  questionIssues,
  relaxations,
  setOf,
  valueOfSet,
} from './index.js';
import type { VesselRole } from '../records/vocabulary/vessels.js';
import type { LpSolver } from '../records/vocabulary/solver.js';
import type { CombVerdict } from '../records/vocabulary/verdict.js';

let solve: LpSolver;
beforeAll(async () => void (solve = await solver()));

/** Every set there is, tried one by one. */
function bruteForce(model: ChooseModel): number {
  const perUnit = new Map<number, number[]>();
  model.options.forEach((o, i) => perUnit.set(o.unit, [...(perUnit.get(o.unit) ?? []), i]));
  const units = [...perUnit.keys()];
  let best = -Infinity;
  const walk = (k: number, taken: number[]): void => {
    if (k === units.length) {
      const on = new Set(taken.map((i) => model.options[i].unit));
      const holds =
        model.limits.every(
          (l) =>
            l.beyondCosts !== undefined ||
            taken.reduce((s, i) => s + l.uses(model.options[i]), 0) <= l.atMost + 1e-7,
        ) &&
        model.orders.every((o) => !on.has(o.unit) || o.needs.some((n) => on.has(n))) &&
        (!model.amount ||
          taken.reduce((s, i) => s + model.amount!.gives(model.options[i]), 0) >=
            model.amount.needG - 1e-6);
      if (holds) best = Math.max(best, valueOfSet(model, taken));
      return;
    }
    if (model.fixed.get(units[k]) !== 'take') walk(k + 1, taken);
    for (const i of perUnit.get(units[k])!) walk(k + 1, [...taken, i]);
  };
  walk(0, []);
  return best;
}
const ask = (more: Partial<ChooseQuestion> = {}): ChooseQuestion => ({
  ...PLAIN_QUESTION,
  ...more,
});
const wayOf = (model: ChooseModel, taken: readonly number[]): Record<string, string> =>
  Object.fromEntries(
    taken.map((i) => [model.units[model.options[i].unit].id, model.options[i].way]),
  );

const someCombs = fc.array(
  fc.record({
    kg: fc.double({ min: 0.3, max: 3, noNaN: true }),
    capped: fc.double({ min: 0.3, max: 1, noNaN: true }),
    straight: fc.boolean(),
    brood: fc.boolean(),
    ripe: fc.boolean(),
  }),
  { minLength: 1, maxLength: 5 },
);
type Drawn = { kg: number; capped: number; straight: boolean; brood: boolean; ripe: boolean };
const verdictOf = (c: Drawn): Pick<CombVerdict, 'verdict' | 'headline' | 'decidedBy'> => {
  if (c.brood)
    return { verdict: 'leave', headline: asWritten('Brood on side A.'), decidedBy: 'brood' };
  if (c.ripe) return { verdict: 'take', headline: asWritten('Ripe.'), decidedBy: 'ripe' };
  return { verdict: 'leave', headline: asWritten('60 % capped.'), decidedBy: 'ripe' };
};
const drawn = (list: readonly Drawn[]): ChoiceUnit[] =>
  list.map((c, i) =>
    comb(`c${i}`, c.kg, {
      order: i,
      cappedArea: c.capped,
      straight: c.straight,
      hasBrood: c.brood,
      verdict: verdictOf(c),
    }),
  );

describe('the best set', () => {
  it('is the one that trying every set finds, whatever is scarce', () => {
    fc.assert(
      fc.property(
        someCombs,
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.constantFrom('most-worth', 'most-comb'),
        fc.option(fc.double({ min: 0.3, max: 4, noNaN: true })),
        fc.option(fc.integer({ min: 0, max: 4 })),
        (list, needKg, goal, handsHours, most) => {
          const hives = [hive(drawn(list), needKg)];
          const model = chooseModel(
            hives,
            ask({ goal: goal as 'most-worth', handsHours }),
            household({ maxCombsPerHive: most, freezerL: 5 }),
          );
          const solved = choose(model, solve)!;
          expect(solved.value).toBeCloseTo(bruteForce(model), 4);
          expect(solved.proof).toBe('proven');
        },
      ),
      {
        numRuns: 60,
        // A need so small that it is rounding once cost half of what there was to take.
        examples: [
          [
            [0.3366071428333334, 0.3].map((kg) => ({
              kg,
              capped: 0.3,
              straight: false,
              brood: false,
              ripe: true,
            })),
            8.000001217034481e-10,
            'most-worth',
            null,
            null,
          ],
        ],
      },
    );
  });
  it('with a named amount takes no more work than needed, or says that it cannot be', () => {
    fc.assert(
      fc.property(someCombs, fc.integer({ min: 1, max: 9 }), (list, count) => {
        const model = chooseModel(
          [hive(drawn(list), 1)],
          ask({ goal: 'least-work', amount: { jarKindId: 'jar', count, withinHours: null } }),
          household(),
        );
        const best = bruteForce(model);
        const solved = choose(model, solve);
        if (best === -Infinity) expect(solved).toBeNull();
        else expect(solved!.value).toBeCloseTo(best, 4);
      }),
      { numRuns: 40 },
    );
  });
  it('never goes below the winter need by the low estimate, and never takes a comb with brood', () => {
    fc.assert(
      fc.property(someCombs, fc.double({ min: 0, max: 10, noNaN: true }), (list, needKg) => {
        const hives = [hive(drawn(list), needKg)];
        const model = chooseModel(hives, ask(), household());
        const solved = choose(model, solve)!;
        const taken = solved.taken.map((i) => model.units[model.options[i].unit]);
        expect(taken.some((u) => u.hasBrood)).toBe(false);
        const stays = hives[0].storesLowKg - taken.reduce((s, u) => s + u.storesKg.low, 0);
        expect(taken.length === 0 || stays >= needKg - 1e-6).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
  it('fits into the vessels of the kit: tubs, buckets with holes, and all that honey stands in', () => {
    fc.assert(
      fc.property(someCombs, fc.double({ min: 2, max: 14, noNaN: true }), (list, volumeL) => {
        const kit = VESSELS.map((v) => ({ ...v, volumeL }));
        const model = chooseModel([hive(drawn(list), 0)], ask(), household({}, JARS, kit));
        const { taken } = choose(model, solve)!;
        const litres = (of: (o: ChooseModel['options'][number]) => number): number =>
          taken.reduce((sum, i) => sum + of(model.options[i]), 0);
        const needs = {
          tub: litres((o) => o.outcome.tubL),
          upper: litres((o) => (o.way === 'press' ? 0 : o.outcome.crushedL)),
        };
        for (const [role, neededL] of Object.entries(needs))
          expect(pickVessels(kit, role as VesselRole, neededL).shortL).toBeLessThan(1e-6);
        const honeyL = litres((o) => o.outcome.outL);
        const { shortL } = pickVessels(kit, 'lower', honeyL);
        expect(pickVessels(kit, 'settling', shortL).shortL).toBeLessThan(1e-6);
      }),
      { numRuns: 40 },
    );
  });
  it('is never worse for more jars, boxes, freezer or stores', () => {
    fc.assert(
      fc.property(
        someCombs,
        fc.integer({ min: 0, max: 30 }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (list, stock, freezerL) => {
          const value = (jars: number, litres: number): number =>
            choose(
              chooseModel(
                [hive(drawn(list), 1)],
                ask(),
                household(
                  { freezerL: litres },
                  JARS.map((j) => ({ ...j, stock: jars })),
                ),
              ),
              solve,
            )!.value;
          // More of everything alike: the mean price of a jar stays what it was.
          expect(value(stock + 5, freezerL + 5)).toBeGreaterThanOrEqual(
            value(stock, freezerL) - 1e-3,
          );
        },
      ),
      { numRuns: 30 },
    );
  });
  it('takes bars from the back unless one is pinned to stay', () => {
    const units = [
      comb('b10', 2.5, { order: 10 }),
      comb('b11', 1.5, { order: 11 }),
      comb('b12', 1.5, { order: 12 }),
    ];
    const hives = [hive(units, 3.4)];
    const model = chooseModel(hives, ask(), household());
    expect(Object.keys(wayOf(model, choose(model, solve)!.taken))).toEqual(['b12']);
    const pinned = chooseModel(hives, ask({ pins: { b12: 'leave' } }), household());
    expect(Object.keys(wayOf(pinned, choose(pinned, solve)!.taken))).toEqual(['b11']);
  });
  it('honours pins: a way, to stay, or taken in spite of a soft rule; brood not even then', () => {
    const unripe = comb('u', 1.5, {
      verdict: { verdict: 'leave', headline: asWritten('62 % capped.'), decidedBy: 'ripe' },
    });
    const brood = comb('b', 1.5, {
      hasBrood: true,
      verdict: { verdict: 'leave', headline: asWritten('Brood.'), decidedBy: 'brood' },
      against: [
        {
          question: 'brood',
          answer: 'yes',
          weight: 'forbids',
          rule: asWritten('live brood'),
          restsOn: [],
          sentence: asWritten('Brood.'),
        },
      ],
    });
    const hives = [hive([comb('a', 1.5), unripe, brood], 0)];
    const model = chooseModel(
      hives,
      ask({ pins: { a: 'slice', u: 'take', b: 'take' } }),
      household(),
    );
    expect(wayOf(model, choose(model, solve)!.taken)).toMatchObject({
      a: 'slice',
      u: expect.any(String),
    });
    expect(wayOf(model, choose(model, solve)!.taken).b).toBeUndefined();
    const plain = chooseModel(hives, ask(), household());
    expect(Object.keys(wayOf(plain, choose(plain, solve)!.taken))).toEqual(['a']);
  });
  it('says where the need is above all stores', () => {
    const model = chooseModel([hive([comb('a', 2)], 9)], ask(), household());
    expect(said(model.notes[0])).toBe(
      'choose.winter-short {hive: Ipê, need: {massG: 9000, as: large}, stores: {massG: 1800, as: large}}',
    );
    expect(choose(model, solve)!.taken).toEqual([]);
  });
});

describe('without any price', () => {
  it('worth is counted by the kilogram, so that a household that never sells can choose too', () => {
    const house = household({ waxPerKg: 0 }, [{ ...JARS[0], value: 0, cost: 0, stock: 2 }]);
    const model = chooseModel([hive([comb('a', 2), comb('b', 1)], 1.5)], ask(), house);
    expect(Object.keys(wayOf(model, choose(model, solve)!.taken))).toEqual(['b']);
    expect(said(model.notes)).toContain('choose.no-prices-yet');
  });
});

describe('honey without a jar', () => {
  it('waits in the bucket: it is allowed, worth nothing yet, and more jars are what it lacks', () => {
    const hives = [hive([comb('a', 2)], 0)];
    const house = household({}, [{ ...JARS[0], stock: 1 }]);
    const model = chooseModel(hives, ask(), house);
    const solved = choose(model, solve)!;
    expect(Object.keys(wayOf(model, solved.taken))).toEqual(['a']);
    expect(solved.value).toBeLessThan(0.5 * model.market.honeyPerKg! + 15);
    expect(bindings(model, solved, ask(), house, solve)[0].limit).toBe('jars');
  });
});

describe('in stages', () => {
  it('answers at once, comes within 1 %, and is the same every time; the gap is honest', () => {
    const model = chooseModel(
      manyHives(4, 10, 3),
      ask({ handsHours: 12 }),
      household(
        {},
        JARS.map((j) => ({ ...j, stock: 90 })),
        [],
      ),
    );
    const stages = [...chooseInStages(model, solve)];
    const last = choose(model, solve)!;
    expect(stages[0].proof).toBe('first');
    for (const s of stages) {
      expect(s.value).toBeLessThanOrEqual(last.value + 1e-6);
      expect(s.bound).toBeGreaterThanOrEqual(last.value - 1e-6);
      expect(s.gap).toBeGreaterThanOrEqual(
        s.bound === Infinity ? 1 : (last.value - s.value) / Math.abs(s.bound) - 1e-9,
      );
    }
    expect(choose(model, solve)!.taken).toEqual(last.taken);
  });
  it('keeps what the solver had proven when its time was up', () => {
    const model = chooseModel(manyHives(2, 6, 3), ask({ handsHours: 6 }), household({}, JARS, []));
    /** Finds the best set, and knows of it only that none is better by more than 0.4 %. */
    const slow: LpSolver = (lp, options) => {
      const answer = solve(lp, options);
      if (!lp.includes('Binary')) return answer;
      return { ...answer, status: 'time-limit', bound: answer.value * 1.004 };
    };
    const found = choose(model, slow)!;
    expect(found.value).toBeCloseTo(choose(model, solve)!.value, 6);
    expect(found.proof).toBe('near');
    expect(found.gap).toBeCloseTo(1 - 1 / 1.004, 6);
  });
});

describe('what holds it back', () => {
  it('names the limit that binds and what one more would bring; ample ones are not named', () => {
    const hives = [hive([comb('a', 2), comb('b', 2), comb('c', 2)], 0)];
    const house = household({ maxCombsPerHive: 1 });
    const model = chooseModel(hives, ask(), house);
    const found = bindings(model, choose(model, solve)!, ask(), house, solve);
    expect(found.map((b) => b.limit)).toEqual(['combs:h1']);
    expect(said(found[0].sentence)).toMatch(
      'choose.binds {what: choose.combs-at-a-time {hive: Ipê}, room: choose.combs {' +
        'count: 1}, more: choose.one-more-comb, gain: choose.gain.worth {amount: 209}}',
    );
    expect(found[0].gain).toBeGreaterThan(50);
  });
  it('explains an impossible wish by each rule that alone would make it possible', () => {
    const hives: ChoiceHive[] = [
      hive(
        [
          comb('a', 2),
          comb('b', 2),
          comb('c', 2, {
            verdict: { verdict: 'leave', headline: asWritten('62 % capped.'), decidedBy: 'ripe' },
          }),
        ],
        3,
      ),
    ];
    const wish = ask({
      goal: 'most-left',
      amount: { jarKindId: 'jar', count: 5, withinHours: null },
    });
    const model = chooseModel(hives, wish, household());
    expect(choose(model, solve)).toBeNull();
    const says = relaxations(model, hives, wish, household(), solve).map((r) => said(r.sentence));
    const eased = says.join();
    expect(eased).toContain('what: choose.spare {hive: Ipê}, more: {massG: 3600');
    expect(eased).toMatch(/room: \{massG: 2400/);
    expect(eased).toContain('asked: {massG: 2500, as: large}, jars: 5 × jar');
  });
  it('names a pin that cannot be', () => {
    const hives = [hive([comb('a', 2)], 0)];
    const wish = ask({ pins: { a: 'drain-hive' } });
    const model = chooseModel(hives, wish, household());
    expect(said(relaxations(model, hives, wish, household(), solve))).toEqual([
      {
        rule: 'pin',
        sentence: 'choose.pinned {hive: Ipê, unit: a}',
      },
    ]);
  });
});

describe('side by side', () => {
  const hives = [
    hive(
      [
        comb('a', 2.2, { order: 1 }),
        comb('b', 2.1, { order: 2 }),
        comb('c', 1.9, { order: 3, straight: false }),
      ],
      0,
    ),
  ];
  it('three sets that really differ, with ranges, the same each time', () => {
    const model = chooseModel(hives, ask(), household());
    const sets = alternatives(choose(model, solve)!, model, hives, ask(), household(), solve);
    expect(sets).toHaveLength(3);
    expect(new Set(sets.map((s) => JSON.stringify(s.ways))).size).toBe(3);
    for (const s of sets) {
      expect(s.honeyKg.low).toBeLessThanOrEqual(s.honeyKg.high);
      expect(s.handsOnHours.low).toBeLessThan(s.handsOnHours.high);
    }
    expect(sets[0].worth.mid).toBeGreaterThanOrEqual(sets[1].worth.mid);
    expect(alternatives(choose(model, solve)!, model, hives, ask(), household(), solve)).toEqual(
      sets,
    );
  });
  it('a set adds up: stores that stay and the spare against need and hard winter', () => {
    const two = [hive([comb('a', 2), comb('b', 2)], 1.5)];
    const model = chooseModel(two, ask(), household());
    const set = setOf(
      model,
      [model.options.findIndex((o) => o.way === 'crush')],
      household(),
      'x',
      null,
    );
    expect(set.hives[0]).toMatchObject({
      staysLowKg: 1.8,
      spareKg: expect.closeTo(0.3, 6),
      hardSpareKg: expect.closeTo(1.8 - 1.725, 6),
    });
    expect(set.honeyKg.mid).toBeCloseTo(2 * 0.885, 6);
  });
});

describe('a wish that cannot be worked on', () => {
  it('is answered in a sentence at its field', () => {
    const says = (q: Partial<ChooseQuestion>, house = household()): string[] =>
      questionIssues(ask(q), house).map((i) => said(i.says));
    expect(says({})).toEqual([]);
    expect(says({ goal: 'least-work' })).toEqual([
      'choose.goal-alone {goal: choose.goal.least-work}',
    ]);
    expect(says({ handsHours: -1 })).toEqual(['field.at-least {least: 0}']);
    expect(says({ amount: { jarKindId: 'jar', count: 0, withinHours: null } })).toEqual([
      'field.at-least {least: 1}',
    ]);
    expect(says({ amount: { jarKindId: 'gone', count: 1, withinHours: null } })).toEqual([
      'choose.jar-gone',
    ]);
    expect(says({}, household({ people: 0 }))[0]).toMatch('choose.nobody');
    expect(says({}, household({}, [{ ...JARS[0], value: -3 }]))[0]).toBe(
      'choose.price-below-0 {jar: jar}',
    );
    expect(says({}, household({ givenPercent: 60, ownPercent: 60 }))[0]).toMatch(
      'choose.given-above-all',
    );
  });
});
