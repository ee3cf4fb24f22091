import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Shares } from '../comb/contents.js';
import type { ColonyFact, DatedFact } from '../records/colony.js';
import { DEFAULT_RULES } from '../rules/houseRules.js';
import { colonyState, deadColonyAdvice } from './colonyState.js';
import { addDays, daysBetween } from '../units/dates.js';
import { judgements, type JudgedFacts, type Judgement, type JudgementTopic } from './judgements.js';
import { judgePots } from './judgePots.js';

const side = (capped: number, open = 1 - capped, rest: Partial<Shares> = {}): Shares => ({
  capped,
  open,
  pollen: 0,
  brood: 0,
  empty: 1 - capped - open - Object.values(rest).reduce((a, b) => a + b, 0),
  ...rest,
});
const DATE = '2026-03-14';
const fact = (daysAgo: number, f: ColonyFact): DatedFact => ({
  id: `${daysAgo}-${f.kind}`,
  on: addDays(DATE, -daysAgo),
  fact: f,
});
const colony = (...facts: DatedFact[]) => colonyState('2024-09-01', facts, DATE);
const base: JudgedFacts = {
  sides: { A: side(0.9), B: side(0.9) },
  wettestPercent: null,
  sampled: false,
  droneShare: null,
  combAge: 'new',
  straight: true,
  builtOn: '2025-12-01',
  date: DATE,
  bee: 'honeybee',
  drainsInPlace: false,
  rules: DEFAULT_RULES,
  colony: colony(),
  winter: { staysLowKg: 14, needKg: 11 },
  firstSeason: false,
};
const ask = (topic: JudgementTopic, change: Partial<JudgedFacts>): Judgement | undefined =>
  judgements({ ...base, ...change }).find((j) => j.topic === topic);

describe('each question apart', () => {
  it.each<[string, JudgementTopic, Partial<JudgedFacts>, Judgement['answer'] | undefined]>([
    ['ripe by its caps', 'ripe', {}, 'yes'],
    ['not ripe by its caps', 'ripe', { sides: { A: side(0.6), B: side(0.6) } }, 'no'],
    [
      'the worse side asked too',
      'ripe',
      {
        sides: { A: side(0.98), B: side(0.66) },
        rules: { ...DEFAULT_RULES, ripeOf: 'worst-side' },
      },
      'no',
    ],
    ['the comb as a whole asked', 'ripe', { sides: { A: side(0.98), B: side(0.66) } }, 'yes'],
    [
      'ripe though uncapped, by three dry samples',
      'ripe',
      { sides: { A: side(0.4), B: side(0.4) }, wettestPercent: 17.8, sampled: true },
      'yes',
    ],
    ['capped but wet', 'ripe', { wettestPercent: 20.4 }, 'no'],
    [
      'wet, but the house goes by caps',
      'ripe',
      { wettestPercent: 20.4, rules: { ...DEFAULT_RULES, moistureMayOverrule: false } },
      'yes',
    ],
    ['one side unseen', 'ripe', { sides: { A: side(0.95), B: null } }, 'unknown'],
    ['brood seen', 'brood', { sides: { A: side(0.7, 0.1, { brood: 0.2 }), B: side(0.9) } }, 'yes'],
    ['no brood on both sides', 'brood', {}, 'no'],
    [
      'no brood on the side that was seen',
      'brood',
      { sides: { A: side(0.9), B: null } },
      'unknown',
    ],
    ['cut comb, clean', 'cut-comb', { sides: { A: side(1, 0), B: side(1, 0) } }, 'yes'],
    [
      'cut comb of used wax',
      'cut-comb',
      { sides: { A: side(1, 0), B: side(1, 0) }, combAge: 'used' },
      'no',
    ],
    [
      'cut comb with pollen',
      'cut-comb',
      { sides: { A: side(0.95, 0, { pollen: 0.05 }), B: side(1, 0) } },
      'no',
    ],
    [
      'crooked comb',
      'cut-comb',
      { sides: { A: side(1, 0), B: side(1, 0) }, straight: false },
      'no',
    ],
    [
      'straightness never said',
      'cut-comb',
      { sides: { A: side(1, 0), B: side(1, 0) }, straight: null },
      'unknown',
    ],
    [
      'fed since it was built',
      'syrup',
      { colony: colony(fact(10, { kind: 'feeding', what: 'syrup', litres: 2 })) },
      'yes',
    ],
    [
      'fed before it was built',
      'syrup',
      { colony: colony(fact(200, { kind: 'feeding', what: 'syrup', litres: 2 })) },
      undefined,
    ],
    [
      'treated, waiting',
      'treated',
      { colony: colony(fact(5, { kind: 'treatment', product: 'Oxalic acid', waitDays: 14 })) },
      'yes',
    ],
    [
      'treated, waiting over',
      'treated',
      { colony: colony(fact(20, { kind: 'treatment', product: 'Oxalic acid', waitDays: 14 })) },
      'no',
    ],
    ['to spare', 'theirs', {}, 'yes'],
    ['short for winter', 'theirs', { winter: { staysLowKg: 9, needKg: 11 } }, 'no'],
    ['winter need never said', 'theirs', { winter: null }, 'unknown'],
    ['first season', 'theirs', { firstSeason: true }, 'no'],
    ['water never measured', 'keeping', {}, 'unknown'],
    ['dry', 'keeping', { wettestPercent: 16.9 }, 'yes'],
    ['would ferment', 'keeping', { wettestPercent: 20.5 }, 'no'],
    [
      'the colony is gone',
      'dead',
      { colony: colony(fact(3, { kind: 'alive', alive: false })) },
      'yes',
    ],
  ])('%s', (_, topic, change, answer) => expect(ask(topic, change)?.answer).toBe(answer));

  it('keeps ripe and safe to drain in place apart: dry but uncapped honey is ripe and unsafe to open', () => {
    const dry = {
      drainsInPlace: true,
      sides: { A: side(0.5), B: side(0.5) },
      wettestPercent: 17,
      sampled: true,
      colony: colony(
        fact(1, { kind: 'tilt', degrees: 3 }),
        fact(1, { kind: 'flow', flow: 'some', endsOn: null }),
      ),
    };
    expect(ask('ripe', dry)?.answer).toBe('yes');
    expect(ask('drain-in-place', dry)).toMatchObject({ answer: 'no', limit: 90 });
  });
  it.each<[string, DatedFact[], Partial<JudgedFacts>, Judgement['answer'], RegExp]>([
    [
      'all in order',
      [
        fact(1, { kind: 'tilt', degrees: 3 }),
        fact(1, { kind: 'flow', flow: 'some', endsOn: null }),
      ],
      {},
      'yes',
      /vessels first/,
    ],
    [
      'leaning the wrong way',
      [
        fact(1, { kind: 'tilt', degrees: 1 }),
        fact(1, { kind: 'flow', flow: 'some', endsOn: null }),
      ],
      {},
      'no',
      /Tilt 1°/,
    ],
    [
      'tilt never measured',
      [fact(1, { kind: 'flow', flow: 'some', endsOn: null })],
      {},
      'unknown',
      /Tilt not measured/,
    ],
    [
      'a dearth',
      [
        fact(1, { kind: 'tilt', degrees: 3 }),
        fact(1, { kind: 'flow', flow: 'none', endsOn: null }),
      ],
      {},
      'no',
      /[Dd]earth/,
    ],
    [
      'faces unseen and no excluder',
      [
        fact(1, { kind: 'tilt', degrees: 3 }),
        fact(1, { kind: 'flow', flow: 'some', endsOn: null }),
      ],
      { sides: { A: side(0.96), B: null } },
      'unknown',
      /no excluder/,
    ],
  ])('drain in place: %s', (_, facts, change, answer, words) => {
    const j = ask('drain-in-place', {
      drainsInPlace: true,
      sides: { A: side(0.95), B: side(0.95) },
      colony: colony(...facts),
      ...change,
    });
    expect(j).toMatchObject({ answer });
    expect(j!.sentence).toMatch(words);
  });
  it('tells drone brood apart where cells were painted', () =>
    expect(
      ask('brood', { sides: { A: side(0.7, 0.1, { brood: 0.2 }), B: side(0.9) }, droneShare: 0.9 })!
        .sentence,
    ).toMatch(/Drone brood/));
  it('asks for the queen where nobody saw her, and says when she was seen', () => {
    expect(ask('brood', {})!.sentence).toMatch(/Nobody saw the queen/);
    expect(
      ask('brood', { colony: colony(fact(4, { kind: 'queen', seen: true })) })!.sentence,
    ).toMatch(/10 Mar 2026/);
    expect(
      ask('brood', { colony: colony(fact(4, { kind: 'queen', seen: false })) })!.sentence,
    ).toMatch(/Nobody saw the queen/);
  });
  it('uses no limit of honeybee honey for stingless bees', () => {
    const topics = judgements({
      ...base,
      bee: 'stingless',
      sides: { A: null, B: null },
      wettestPercent: 28,
    }).map((j) => j.topic);
    expect(topics).not.toContain('ripe');
    expect(topics).not.toContain('cut-comb');
    expect(ask('keeping', { bee: 'stingless', wettestPercent: 28 })).toMatchObject({
      answer: 'unknown',
      rule: 'stingless honey',
    });
  });
  it('never says safe, legal or free of disease', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.option(fc.double({ min: 15, max: 22, noNaN: true }), { nil: null }),
        fc.boolean(),
        (capped, wettestPercent, drainsInPlace) => {
          for (const { sentence } of judgements({
            ...base,
            sides: { A: side(capped), B: side(capped) },
            wettestPercent,
            drainsInPlace,
          }))
            expect(sentence).not.toMatch(/\b(is safe|legal|disease-free)\b/);
        },
      ),
    );
  });
  it('an unseen side never makes any answer surer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b) => {
          const both = judgements({ ...base, sides: { A: side(a), B: side(b) } });
          const one = judgements({ ...base, sides: { A: side(a), B: null } });
          for (const topic of ['ripe', 'cut-comb'] as const) {
            if (one.find((j) => j.topic === topic)?.answer === 'yes')
              expect(both.find((j) => j.topic === topic)?.answer).toBe('yes');
            expect(one.find((j) => j.topic === topic)?.answer).not.toBe('yes');
          }
        },
      ),
    );
  });
});

describe('pots judged', () => {
  const pots = {
    honeySealed: 8,
    honeyOpen: 3,
    pollen: 2,
    empty: 1,
    potWidthMm: 26,
    potHeightMm: 32,
  };
  const judge = (change: object) =>
    judgePots({ pots, rules: DEFAULT_RULES, firstSeason: false, forbidden: null, ...change });
  it.each([
    ['counted', {}, 'take'],
    ['never counted', { pots: null }, 'not-read'],
    ['none sealed', { pots: { ...pots, honeySealed: 0 } }, 'leave'],
    ['first season', { firstSeason: true }, 'leave'],
    ['treated', { forbidden: { rule: 'treated', verdict: 'leave', sentence: 'Wait.' } }, 'leave'],
  ])('%s', (_, change, verdict) => expect(judge(change).verdict).toBe(verdict));
});

describe('what is known of a colony', () => {
  it('goes by the last of each kind up to the day, and adds treatments and feedings up', () => {
    const state = colony(
      fact(30, { kind: 'queen', seen: true }),
      fact(5, { kind: 'queen', seen: false }),
      fact(40, { kind: 'treatment', product: 'Thymol', waitDays: 10 }),
      fact(3, { kind: 'treatment', product: 'Oxalic acid', waitDays: 21 }),
      { ...fact(0, { kind: 'temper', temper: 'calm' }), on: addDays(DATE, 4) },
    );
    expect(state.queen).toMatchObject({ seen: false });
    expect(state.treatments.map((t) => t.waitUntil)).toEqual([
      addDays(DATE, -30),
      addDays(DATE, 18),
    ]);
    expect(state.temper).toBeNull();
    expect(state.strength).toBeNull();
  });
  it('a flow is over after the day it was said to end, and what follows is unknown', () => {
    expect(
      colony(fact(20, { kind: 'flow', flow: 'strong', endsOn: addDays(DATE, -1) })).flow,
    ).toBeNull();
    expect(colony(fact(20, { kind: 'flow', flow: 'strong', endsOn: DATE })).flow).toMatchObject({
      flow: 'strong',
    });
  });
  it('counts days over months and leap years', () => {
    expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
    expect(daysBetween('2025-12-31', '2026-03-14')).toBe(73);
  });
});

describe('a dead colony', () => {
  const death = (causes: string[], word = 'none', closed = true) =>
    ({ kind: 'death', on: DATE, causes, closedAgainstRobbers: closed, word }) as never;
  it('unanswered is provisional and never fed', () =>
    expect(deadColonyAdvice(null)).toMatchObject({
      answered: false,
      eat: 'ask-first',
      feed: 'no',
    }));
  it.each([
    [['starved'], 'none', 'as-found', 'no'],
    [['starved'], 'no-disease', 'as-found', 'same-word-only'],
    [['foulbrood', 'starved'], 'none', 'no', 'no'],
    [['starved'], 'disease', 'no', 'no'],
    [['poisoned'], 'no-disease', 'no', 'no'],
    [['rodents'], 'none', 'no', 'no'],
    [['unknown'], 'none', 'ask-first', 'no'],
  ])('%s, word %s', (causes, word, eat, feed) =>
    expect(deadColonyAdvice(death(causes, word))).toMatchObject({ eat, feed }),
  );
  it('is closed against robbers first', () =>
    expect(deadColonyAdvice(death(['starved'], 'none', false)).lines[0]).toMatch(/robbers first/));
  it('the checklist never clears honey for feeding by itself', () => {
    fc.assert(
      fc.property(
        fc.subarray(
          [
            'starved',
            'queenless',
            'cold',
            'mites',
            'foulbrood',
            'poisoned',
            'rodents',
            'robbed',
            'unknown',
          ],
          { minLength: 1 },
        ),
        (causes) => deadColonyAdvice(death(causes)).feed === 'no',
      ),
    );
  });
});
