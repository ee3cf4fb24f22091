import { said } from '../../fixtures/said.js';
import { beforeAll, describe, expect, it } from 'vitest';
import { household, solver } from '../../fixtures/chooser.js';
import { seeded } from '../../fixtures/random.js';
import { DAY, face } from '../../fixtures/situations.js';
import { HIVE_KINDS, placeNumber } from '../hive/kinds.js';
import { HIVE_KIND_NAMES, type HiveKindName } from '../records/vocabulary/hive.js';
import { judgeHiveAt, stateAt } from '../look/index.js';
import type { ColonyFact, DatedFact } from '../records/colony.js';
import type { Hive, Look } from '../records/hiveViews.js';
import type { HouseRules } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { addDays } from '../units/dates.js';
import { takeBlocks } from './blocks.js';
import type { LpSolver } from '../records/vocabulary/solver.js';
import { chooseModel } from './model.js';
import { PLAIN_QUESTION } from './question.js';
import { choose } from './solve.js';
import { choiceHive } from './choiceUnits.js';

let solve: LpSolver;
beforeAll(async () => {
  solve = await solver();
});

const INSTANT = `${DAY.south}T15:00:00Z`;
const FACTS: ColonyFact[] = [
  { kind: 'brood-check', result: 'sick' },
  { kind: 'brood-check', result: 'unsure' },
  { kind: 'brood-check', result: 'healthy' },
  { kind: 'treatment', product: 'acid', waitDays: 30, supersOn: 'yes' },
  { kind: 'treatment', product: 'acid', waitDays: 0, supersOn: 'unknown' },
  { kind: 'feeding', what: 'syrup', litres: 2 },
  { kind: 'alive', alive: false },
  { kind: 'flow', flow: 'none', endsOn: null },
  { kind: 'reserved-super', reserved: true },
  { kind: 'strength', strength: 'weak' },
];

/** A hive drawn from a seed: any kind, any combs, any facts of its colony. */
function drawnHive(seed: number): { hive: Hive; rules: HouseRules } {
  const { next } = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)];
  const kind = pick(HIVE_KIND_NAMES);
  const name = `Hive ${seed}`;
  const facts = FACTS.filter(() => next() < 0.09).map((fact, i): DatedFact => ({
    id: `f${i}`,
    on: addDays(DAY.south, -Math.floor(next() * 60)),
    fact,
  }));
  const boxes = kind === 'top-bar' ? [null] : [1, 2];
  const bars = boxes.flatMap((box) =>
    Array.from({ length: 4 }, (_, i) => bar(kind, box, i + 1, next, pick)),
  );
  const hive: Hive = {
    id: name,
    siteId: 's',
    name,
    kind,
    geometry: HIVE_KINDS[kind].defaults,
    revision: 1,
    lastLookOn: null,
    potsDrawnOn: next() < 0.1 ? addDays(DAY.south, -100) : null,
    site: {
      id: 's',
      name: 'Encosta',
      zone: 'America/Sao_Paulo',
      hemisphere: 'south',
      notes: next() < 0.2 ? ['humid'] : [],
      forage: {},
      latitude: null,
      longitude: null,
      tasks: [],
      poisonousNectar: null,
      revision: 1,
    },
    colony: {
      id: 'k',
      startedOn: next() < 0.1 ? addDays(DAY.south, -20) : '2023-09-01',
      startedAssumed: false,
      endedOn: null,
      facts,
      revision: 1,
    },
    boxes: boxes.flatMap((number) =>
      number === null
        ? []
        : [
            {
              carrierId: `box${number}`,
              number,
              compartment: kind === 'warre' || kind === 'pile-box' ? 'box' : 'super',
              turned: false,
              turnedOn: null,
              sinceOn: '2025-09-01',
              madeOn: '2025-09-01',
              revision: 1,
            } as const,
          ],
    ),
    bars,
  };
  const needKg = pick([null, 0, 3, 6, 12]);
  const rules = {
    ...DEFAULT_RULES,
    winterNeedKg: needKg,
    winterNeedByKindKg:
      needKg === null ? {} : Object.fromEntries(HIVE_KIND_NAMES.map((k) => [k, needKg])),
    moistureMayOverrule: next() < 0.5,
  };
  return { hive, rules };
}

function bar(
  kind: HiveKindName,
  box: number | null,
  place: number,
  next: () => number,
  pick: <T>(list: readonly T[]) => T,
): Hive['bars'][number] {
  const slot = placeNumber(box, place);
  const side = () => {
    if (next() < 0.08) return null;
    const capped = 0.5 + next() * 0.5;
    return face(capped, (1 - capped) * 0.8, { brood: next() < 0.05 ? (1 - capped) * 0.1 : 0 });
  };
  const pots = {
    honeySealed: Math.floor(next() * 14),
    honeyOpen: 2,
    pollen: 1,
    empty: 1,
    potWidthMm: 28,
    potHeightMm: 30,
  };
  const drops = pick([0, 0, 0, 1, 3]);
  const look = {
    id: `l${slot}`,
    combId: `c${slot}`,
    slot,
    occurredAt: INSTANT,
    date: addDays(DAY.south, -pick([0, 1, 5, 90])),
    sides: kind === 'stingless' ? { A: null, B: null } : { A: side(), B: side() },
    seenBy: { A: null, B: null },
    photos: { A: null, B: null },
    pane: null,
    attachment: null,
    pots: kind === 'stingless' ? pots : null,
    straight: pick([true, false, null]),
    readings: Array.from({ length: drops }, (_, i) => ({
      side: i % 2 ? ('B' as const) : ('A' as const),
      cells: 'open' as const,
      scale: 'moisture' as const,
      value: 16 + next() * 6,
      temperatureC: 20,
      temperatureCompensated: true,
    })),
    combAge: pick(['new', 'new', 'used', 'brood-used'] as const),
    depthMm: 180,
    thicknessMm: 30,
    painted: { A: false, B: false },
    verdict: {} as Look['verdict'],
    rulesVersion: 1,
    revision: 1,
  } satisfies Look;
  return {
    carrierId: `bar${slot}`,
    slot,
    inBox: place,
    boxId: box === null ? null : `box${box}`,
    comb: {
      id: `c${slot}`,
      builtOn: pick(['2024-01-01', '2025-09-01', '2025-12-15', '2026-01-05']),
      emptied: null,
      marks: [],
      looks: next() < 0.05 ? [] : [look],
    },
  };
}

describe('verdict and chooser', () => {
  it('never contradict each other, on 600 hives of every kind', () => {
    let taken = 0;
    let offered = 0;
    for (let seed = 1; seed <= 600; seed++) {
      const { hive, rules } = drawnHive(seed);
      const judged = judgeHiveAt(hive, rules, INSTANT);
      const choice = choiceHive({
        hive,
        judged,
        colony: stateAt(hive, INSTANT, rules),
        rules,
        date: DAY.south,
        byBox: seed % 2 === 0,
      });
      const verdictOf = new Map(judged.map((j) => [j.combId, j.verdict.verdict]));
      const mayAll = (combIds: readonly string[]): boolean =>
        combIds.every((id) => verdictOf.get(id) === 'take');
      for (const unit of choice.units) {
        const free = takeBlocks(unit).length === 0;
        expect(free, `${hive.kind} ${unit.label}`).toBe(mayAll(unit.combIds));
        expect(free).toBe(unit.verdict.verdict === 'take');
      }
      const model = chooseModel([choice], PLAIN_QUESTION, household(rules));
      for (const option of model.options) {
        offered++;
        expect(mayAll(model.units[option.unit].combIds)).toBe(true);
      }
      const solved = choose(model, solve)!;
      const units = solved.taken.map((i) => model.units[model.options[i].unit]);
      taken += units.length;
      expect(units.every((u) => mayAll(u.combIds))).toBe(true);
      const { needKg } = choice.winter;
      const staysKg = choice.storesLowKg - units.reduce((sum, u) => sum + u.storesKg.low, 0);
      if (units.length && hive.kind !== 'stingless' && !choice.dead)
        expect(staysKg).toBeGreaterThanOrEqual(needKg! - 1e-6);
    }
    // The hives are not all of one mind: enough may be taken for the claim to mean something.
    expect(offered).toBeGreaterThan(200);
    expect(taken).toBeGreaterThan(100);
  }, 120_000);
});

describe('the order of taking in a stack', () => {
  const stackOf = (kind: HiveKindName, change: (box: number, place: number) => Partial<Look>) => {
    const base = drawnHive(1).hive;
    const looked = (box: number, place: number): Look => ({
      ...bar(
        kind,
        box,
        place,
        () => 0.9,
        (list) => list[0],
      ).comb!.looks[0],
      date: DAY.south,
      sides: { A: face(0.97, 0.03), B: face(0.97, 0.03) },
      readings: [],
      combAge: 'new',
      straight: true,
      ...change(box, place),
    });
    const hive: Hive = {
      ...base,
      kind,
      geometry: HIVE_KINDS[kind].defaults,
      potsDrawnOn: null,
      colony: { ...base.colony!, startedOn: '2023-09-01', facts: [] },
      boxes: [1, 2].map((number) => ({
        carrierId: `box${number}`,
        number,
        compartment: kind === 'framed' ? 'super' : 'box',
        turned: false,
        turnedOn: null,
        sinceOn: '2025-09-01',
        madeOn: '2025-09-01',
        revision: 1,
      })),
      bars: [1, 2].flatMap((box) =>
        [1, 2, 3, 4].map((place) => {
          const one = bar(
            kind,
            box,
            place,
            () => 0.9,
            (list) => list[0],
          );
          return {
            ...one,
            comb: { ...one.comb!, builtOn: '2025-09-01', looks: [looked(box, place)] },
          };
        }),
      ),
    };
    return hive;
  };
  const unripe: Partial<Look> = { sides: { A: face(0.3, 0.6), B: face(0.3, 0.6) } };
  const RULES = { ...DEFAULT_RULES, winterNeedByKindKg: { warre: 0, 'pile-box': 0, framed: 0 } };
  const modelOf = (hive: Hive, byBox = false, pins = {}) => {
    const judged = judgeHiveAt(hive, RULES, INSTANT);
    const choice = choiceHive({
      hive,
      judged,
      colony: stateAt(hive, INSTANT, RULES),
      rules: RULES,
      date: DAY.south,
      byBox,
    });
    const question = {
      ...PLAIN_QUESTION,
      pins,
      countVessels: false,
      countStock: false,
      countFreezer: false,
    };
    return chooseModel([choice], question, household({ ...RULES, liftKg: 40 }));
  };
  const notesOn = (hive: Hive): string[] =>
    modelOf(hive).orderHeld.map((held) => said(held.sentence));
  const box = (number: number): string => `hive.place {where: hive.in-box, number: ${number}}`;
  const takenFrom = (hive: Hive, byBox = false, pins = {}): string[] => {
    const model = modelOf(hive, byBox, pins);
    return choose(model, solve)!
      .taken.map((i) => said(model.units[model.options[i].unit].label))
      .sort();
  };

  it('takes no box from under an unripe one', () => {
    expect(takenFrom(stackOf('pile-box', () => ({})))).toEqual([box(1), box(2)]);
    expect(takenFrom(stackOf('pile-box', (box) => (box === 2 ? unripe : {})))).toEqual([]);
    expect(takenFrom(stackOf('pile-box', (box) => (box === 1 ? unripe : {})))).toEqual([box(2)]);
    expect(
      takenFrom(
        stackOf('warre', (box) => (box === 2 ? unripe : {})),
        true,
      ),
    ).toEqual([]);
  });
  it('takes single combs of a lower box only once the upper one is done', () => {
    const oneUnripeAbove = stackOf('warre', (box, place) =>
      box === 2 && place === 1 ? unripe : {},
    );
    expect(takenFrom(oneUnripeAbove)).toEqual(['2·2', '2·3', '2·4']);
  });
  it('leaves no comb alone beyond a gap', () => {
    const ends = stackOf('framed', (_, place) => (place === 1 || place === 4 ? unripe : {}));
    expect(takenFrom(ends)).toEqual([]);
    expect(notesOn(ends)).toEqual([
      'choose.order-holds {units: {and: [1·2, 1·3, 2·2, 2·3]}, count: 4}',
    ]);
    const oneEnd = stackOf('framed', (_, place) => (place === 1 ? unripe : {}));
    expect(takenFrom(oneEnd)).toEqual(['1·2', '1·3', '1·4', '2·2', '2·3', '2·4']);
    // What a person pins stands outside the order.
    expect(takenFrom(ends, false, { c102: 'take' })).toEqual(['1·2']);
  });
});
