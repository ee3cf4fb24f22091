import { describe, expect, it } from 'vitest';
import { type Change, DAY, drops, face, situation } from '../../fixtures/situations.js';
import { type Hemisphere, HIVE_KIND_NAMES, type HiveKindName } from '../records/vocabulary/hive.js';
import type { ColonyFact, DeathCause } from '../records/colony.js';
import { addDays } from '../units/dates.js';
import { type Question, QUESTIONS, type Verdict } from '../records/vocabulary/verdict.js';
import { FOLD } from './fold.js';
import { findingsOf, judgeComb } from './judgeComb.js';

type Row = [name: string, change: Change, verdict: Verdict, decidedBy: Question, says: RegExp];

const death = (
  causes: DeathCause[],
  notFound: DeathCause[] = [],
  word: 'none' | 'no-disease' | 'disease' = 'none',
): ColonyFact => ({ kind: 'death', causes, notFound, closedAgainstRobbers: true, word });
const everyKind = (percent: number): Partial<Record<HiveKindName, number>> =>
  Object.fromEntries(HIVE_KIND_NAMES.map((kind) => [kind, percent]));
const GONE: [number, ColonyFact] = [2, { kind: 'alive', alive: false }];
const REST: DeathCause[] = [
  'foulbrood',
  'poisoned',
  'rodents',
  'dysentery',
  'mould',
  'mites',
  'treated',
  'damp',
];
const treatment = (waitDays: number, supersOn: 'yes' | 'no' | 'unknown'): ColonyFact => ({
  kind: 'treatment',
  product: 'acid strips',
  waitDays,
  supersOn,
});
const fed: ColonyFact = { kind: 'feeding', what: 'syrup', litres: 2 };

/** What holds for every colony, honeybee or stingless. */
const ALL_BEES: Row[] = [
  ['nothing against it', {}, 'take', 'ripe', /./],
  [
    'a sick brood check',
    { facts: [[1, { kind: 'brood-check', result: 'sick' }]] },
    'leave',
    'healthy',
    /sick.*bee inspector.*reported/i,
  ],
  [
    'sick, 400 days ago and nothing since',
    { neverChecked: true, facts: [[400, { kind: 'brood-check', result: 'sick' }]] },
    'leave',
    'healthy',
    /sick/,
  ],
  [
    'sick 400 days ago, healthy since',
    { facts: [[400, { kind: 'brood-check', result: 'sick' }]] },
    'take',
    'ripe',
    /./,
  ],
  [
    'an unsure brood check',
    { facts: [[1, { kind: 'brood-check', result: 'unsure' }]] },
    'test',
    'healthy',
    /not sure/,
  ],
  [
    'unsure after sick stays sick',
    {
      facts: [
        [2, { kind: 'brood-check', result: 'sick' }],
        [1, { kind: 'brood-check', result: 'unsure' }],
      ],
    },
    'leave',
    'healthy',
    /sick/,
  ],
  [
    'sick, then healthy again',
    {
      facts: [
        [2, { kind: 'brood-check', result: 'sick' }],
        [1, { kind: 'brood-check', result: 'healthy' }],
      ],
    },
    'take',
    'ripe',
    /./,
  ],
  [
    "sick, then the inspector's word",
    {
      facts: [
        [2, { kind: 'brood-check', result: 'sick' }],
        [1, { kind: 'inspector', said: 'no-disease' }],
      ],
    },
    'take',
    'ripe',
    /./,
  ],
  [
    'an inspector found disease',
    { facts: [[1, { kind: 'inspector', said: 'disease' }]] },
    'leave',
    'healthy',
    /inspector/,
  ],
  [
    'a healthy look does not outweigh an inspector',
    {
      facts: [
        [2, { kind: 'inspector', said: 'disease' }],
        [1, { kind: 'brood-check', result: 'healthy' }],
      ],
    },
    'leave',
    'healthy',
    /Disease/,
  ],
  [
    'it hung with a colony that is sick',
    { comb: { carriedHealth: { state: 'sick', on: '2025-11-01', by: 'brood-check' } } },
    'leave',
    'healthy',
    /1 Nov 2025/,
  ],
  [
    'it hung with a colony nobody was sure of',
    { comb: { carriedHealth: { state: 'unsure', on: '2025-11-01', by: 'brood-check' } } },
    'test',
    'healthy',
    /not sure/,
  ],
  ['dead, checklist not answered', { facts: [GONE] }, 'test', 'dead', /ask before it is eaten/i],
  [
    'dead, cause unknown, nobody asked',
    { facts: [GONE, [1, death(['unknown'])]] },
    'test',
    'dead',
    /ask before it is eaten/i,
  ],
  [
    'dead, one tick does not clear it',
    { facts: [GONE, [1, death(['starved'])]] },
    'test',
    'dead',
    /not looked for/,
  ],
  [
    'dead, every sign looked for',
    { facts: [GONE, [1, death(['starved'], REST)]] },
    'take',
    'ripe',
    /gone/,
  ],
  [
    'dead, a laboratory found no disease',
    { facts: [GONE, [1, death(['unknown'], [], 'no-disease')]] },
    'take',
    'ripe',
    /gone/,
  ],
  ['dead of foulbrood', { facts: [GONE, [1, death(['foulbrood'])]] }, 'leave', 'dead', /foulbrood/],
  [
    'dead, an inspector found disease',
    { facts: [GONE, [1, death(['unknown'], [], 'disease')]] },
    'leave',
    'dead',
    /inspector/,
  ],
  [
    'dead, poisoned',
    { facts: [GONE, [1, death(['poisoned'])]] },
    'leave',
    'dead',
    /not for eating/,
  ],
  [
    'dead, rodents were in it',
    { facts: [GONE, [1, death(['rodents'])]] },
    'leave',
    'dead',
    /Rodents/,
  ],
  [
    'thought dead, but it lives',
    { facts: [GONE, [1, { kind: 'alive', alive: true }]] },
    'take',
    'ripe',
    /./,
  ],
  [
    'treated, waiting time not over',
    { facts: [[10, treatment(30, 'yes')]] },
    'leave',
    'treated',
    /waiting time of 30 days/,
  ],
  [
    'treated, its leaflet allows no supers, wait long over',
    { facts: [[40, treatment(5, 'no')]] },
    'leave',
    'treated',
    /leaflet allows no honey comb/,
  ],
  [
    'treated, leaflet not read',
    { facts: [[40, treatment(5, 'unknown')]] },
    'test',
    'treated',
    /read the leaflet/,
  ],
  [
    'treated, the leaflet read later and noted for the same day',
    {
      facts: [
        [40, treatment(5, 'unknown')],
        [40, treatment(5, 'yes')],
      ],
    },
    'take',
    'ripe',
    /./,
  ],
  [
    'treated, supers allowed, wait over',
    { facts: [[40, treatment(5, 'yes')]] },
    'take',
    'ripe',
    /./,
  ],
  ['treated, drawn after the wait', { facts: [[100, treatment(5, 'no')]] }, 'take', 'ripe', /./],
  [
    'treated, age of the comb not known',
    { facts: [[300, treatment(5, 'unknown')]], comb: { builtOn: null } },
    'test',
    'treated',
    /leaflet/,
  ],
  [
    'built within a month of a feeding',
    { facts: [[70, fed]] },
    'leave',
    'syrup',
    /Built within 30 days.*At most 1\.5–2\.2 kg/,
  ],
  ['built more than a month after a feeding', { facts: [[120, fed]] }, 'take', 'ripe', /./],
  [
    "fed, cleared by a person's word",
    {
      facts: [
        [70, fed],
        [5, { kind: 'syrup-word', reason: 'they built brood with it' }],
      ],
    },
    'take',
    'ripe',
    /./,
  ],
  [
    'never looked at',
    { comb: { sides: { A: null, B: null }, pots: null, seenOn: null, honeyKg: null } },
    'not-read',
    'seen',
    /Not read yet/,
  ],
  [
    'last looked at 803 days ago',
    { comb: { seenOn: '2023-11-09' } },
    'test',
    'seen',
    /Last read on 9 Nov 2023/,
  ],
  ['in its first season', { startedDaysAgo: 15 }, 'leave', 'season', /first season/],
  [
    'in its first season, where the household takes from it',
    { startedDaysAgo: 15, rules: { takeInFirstSeason: true } },
    'take',
    'ripe',
    /./,
  ],
  ['never checked for health bars nothing', { neverChecked: true }, 'take', 'ripe', /./],
];

/** What holds for honeybee comb of every kind of hive. */
const HONEYBEES: Row[] = [
  [
    'caps short of the rule',
    { comb: { sides: { A: face(0.63, 0.37), B: face(0.63, 0.37) } } },
    'leave',
    'ripe',
    /63 % capped/,
  ],
  [
    'the winter need was not said',
    { stores: { staysLowKg: 14, needKg: null } },
    'test',
    'theirs',
    /Say what the winter needs/,
  ],
  ['no word of stores at all', { stores: null }, 'test', 'theirs', /Say what the winter needs/],
  [
    'the winter needs it',
    { stores: { staysLowKg: 9, needKg: 11 } },
    'leave',
    'theirs',
    /9\.0 kg would stay.*11\.0 kg/,
  ],
  ['kept for the bees', { comb: { reserved: true } }, 'leave', 'theirs', /kept for the bees/],
  [
    'one side not seen',
    { comb: { sides: { A: face(0.96, 0.03), B: null } } },
    'test',
    'seen',
    /side B first/,
  ],
  [
    'one side not seen, the other hopeless',
    { comb: { sides: { A: face(0.1, 0.9), B: null } } },
    'leave',
    'ripe',
    /even a sealed side B/,
  ],
  [
    'only a glimpse',
    { comb: { sides: { A: null, B: null }, glimpse: 'Through the end pane: much.' } },
    'test',
    'seen',
    /no reading/,
  ],
  [
    'live brood',
    { comb: { sides: { A: face(0.9, 0.02, { brood: 0.05 }), B: face(0.96, 0.03) } } },
    'leave',
    'brood',
    /Brood on side A/,
  ],
  [
    'drone brood',
    {
      comb: {
        droneShare: 0.9,
        sides: { A: face(0.96, 0.03), B: face(0.9, 0.02, { brood: 0.05 }) },
      },
    },
    'leave',
    'brood',
    /Drone brood on side B/,
  ],
  [
    'it carried brood and the rule leaves such comb',
    { comb: { combAge: 'brood-used' } },
    'leave',
    'brood',
    /carried brood/,
  ],
  [
    'it carried brood and the rule takes such comb',
    { comb: { combAge: 'brood-used' }, rules: { takeBroodUsedComb: true } },
    'take',
    'ripe',
    /./,
  ],
  [
    'its brood box, after the colony died',
    { comb: { combAge: 'brood-used' }, facts: [GONE, [1, death(['starved'], REST)]] },
    'take',
    'ripe',
    /gone/,
  ],
  [
    'less honey than the household’s least',
    { comb: { honeyKg: 0.29 } },
    'leave',
    'enough',
    /290 g.*300 g/,
  ],
  [
    'no honey',
    { comb: { sides: { A: face(0), B: face(0) }, honeyKg: 0 } },
    'leave',
    'enough',
    /No honey/,
  ],
  [
    '20.4 % water',
    { comb: { samples: drops([20.4], 'sealed') } },
    'leave',
    'ripe',
    /20\.4 % water.*above 20 %/,
  ],
  [
    '20.4 % water, where caps decide',
    { comb: { samples: drops([20.4]) }, rules: { moistureMayOverrule: false } },
    'leave',
    'ripe',
    /above 20 %/,
  ],
  [
    '20.4 % water, though the household’s limit is 23',
    { comb: { samples: drops([20.4]) }, rules: { moistureLimitPercent: 23 } },
    'leave',
    'ripe',
    /above 20 %/,
  ],
  [
    '20.4 % water in heather, limit 23',
    { comb: { samples: drops([20.4]) }, rules: { moistureLimitPercent: 23 }, heather: true },
    'take',
    'ripe',
    /./,
  ],
  [
    '19.4 % water where hives of its kind have a limit of their own',
    {
      comb: { samples: drops([19.4]) },
      rules: { moistureLimitByKindPercent: everyKind(19.5) },
    },
    'take',
    'ripe',
    /./,
  ],
  [
    '18.4 % water where hives of its kind have a lower limit than the others',
    {
      comb: { samples: drops([18.4]) },
      rules: { moistureLimitByKindPercent: everyKind(18) },
    },
    'leave',
    'ripe',
    /your limit is 18 %/,
  ],
  [
    '20.4 % water, though hives of its kind may have 22',
    {
      comb: { samples: drops([20.4]) },
      rules: { moistureLimitByKindPercent: everyKind(22) },
    },
    'leave',
    'ripe',
    /above 20 %/,
  ],
  [
    '23.2 % water in heather',
    { comb: { samples: drops([23.2]) }, rules: { moistureLimitPercent: 23 }, heather: true },
    'leave',
    'ripe',
    /above 23 %/,
  ],
  [
    '19.4 % water, above the household’s limit',
    { comb: { samples: drops([19.4]) } },
    'leave',
    'ripe',
    /your limit is 18\.6 %/,
  ],
  [
    'dry by three drops, little capped',
    { comb: { sides: { A: face(0.5, 0.5), B: face(0.5, 0.5) }, samples: drops([17.5, 18, 18.2]) } },
    'take',
    'ripe',
    /dry: 18\.2 %/,
  ],
  [
    'dry by three drops, where only caps count',
    {
      comb: { sides: { A: face(0.5, 0.5), B: face(0.5, 0.5) }, samples: drops([17.5, 18, 18.2]) },
      rules: { moistureMayOverrule: false },
    },
    'leave',
    'ripe',
    /50 % capped/,
  ],
  [
    'one dry drop proves nothing',
    { comb: { sides: { A: face(0.5, 0.5), B: face(0.5, 0.5) }, samples: drops([17.5]) } },
    'test',
    'ripe',
    /one drop proves nothing/,
  ],
  [
    'three dry drops from sealed cells',
    {
      comb: {
        sides: { A: face(0.5, 0.5), B: face(0.5, 0.5) },
        samples: drops([17, 17, 17], 'sealed'),
      },
    },
    'leave',
    'ripe',
    /50 % capped/,
  ],
  [
    'three dry drops, 20 days old',
    {
      comb: {
        sides: { A: face(0.5, 0.5), B: face(0.5, 0.5) },
        samples: drops([17, 17, 17], 'open', '2025-12-31'),
      },
    },
    'leave',
    'ripe',
    /50 % capped/,
  ],
  [
    'capped in a humid place, not measured',
    { humidPlace: true },
    'take',
    'ripe',
    /humid place.*measure the water/i,
  ],
  [
    'more than a tenth pollen',
    {
      comb: {
        sides: { A: face(0.8, 0.02, { pollen: 0.15 }), B: face(0.8, 0.02, { pollen: 0.15 }) },
      },
    },
    'take',
    'ripe',
    /crushing only/,
  ],
  [
    'dead and half full: sorted, not left',
    {
      comb: { sides: { A: face(0.3, 0.5), B: face(0.3, 0.5) } },
      facts: [GONE, [1, death(['starved'], REST)]],
    },
    'take',
    'ripe',
    /Sort it/,
  ],
  [
    'dead: no winter is asked',
    { stores: null, facts: [GONE, [1, death(['starved'], REST)]] },
    'take',
    'ripe',
    /gone/,
  ],
  [
    'fed, full before',
    {
      facts: [[30, fed]],
      comb: {
        builtOn: '2025-09-01',
        earlier: [{ on: '2025-11-30', sides: { A: face(0.95, 0.04), B: face(0.95, 0.04) } }],
      },
    },
    'take',
    'ripe',
    /./,
  ],
  [
    'fed, had room and gained',
    {
      facts: [[30, fed]],
      comb: {
        builtOn: '2025-09-01',
        earlier: [{ on: '2025-11-30', sides: { A: face(0.4, 0.1), B: face(0.4, 0.1) } }],
      },
    },
    'leave',
    'syrup',
    /had room then and gained/,
  ],
  [
    'fed, had room and did not gain',
    {
      facts: [[30, fed]],
      comb: {
        builtOn: '2025-09-01',
        sides: { A: face(0.5, 0.02), B: face(0.5, 0.02) },
        earlier: [{ on: '2025-11-30', sides: { A: face(0.48, 0.04), B: face(0.48, 0.04) } }],
      },
    },
    'take',
    'ripe',
    /./,
  ],
  [
    'fed, not looked at before',
    { facts: [[30, fed]], comb: { builtOn: '2025-09-01' } },
    'test',
    'syrup',
    /Nobody looked at this comb before/,
  ],
  [
    'fed, seen empty since',
    {
      facts: [[60, fed]],
      comb: {
        builtOn: '2025-09-01',
        earlier: [
          { on: addDays(DAY.south, -65), sides: { A: face(0.4), B: face(0.4) } },
          { on: addDays(DAY.south, -50), sides: { A: face(0), B: face(0) } },
        ],
      },
    },
    'take',
    'ripe',
    /./,
  ],
  [
    'fed, then a flow and a brood cycle',
    {
      facts: [
        [60, fed],
        [40, { kind: 'flow', flow: 'strong', endsOn: null }],
      ],
      comb: { builtOn: '2025-09-01' },
    },
    'take',
    'ripe',
    /./,
  ],
];

const byKind = (kind: HiveKindName): Row[] =>
  kind === 'stingless' ? ALL_BEES : [...ALL_BEES, ...HONEYBEES];

/** Dates in the rows are of the southern day: moved by half a year in the north. */
const SHIFT_DAYS = 181;
const inNorth = (change: Change): Change => {
  const move = (on: string): string => addDays(on, SHIFT_DAYS);
  const { comb } = change;
  if (!comb) return change;
  return {
    ...change,
    comb: {
      ...comb,
      ...(comb.builtOn ? { builtOn: move(comb.builtOn) } : {}),
      ...(comb.samples ? { samples: comb.samples.map((s) => ({ ...s, on: move(s.on) })) } : {}),
      ...(comb.earlier ? { earlier: comb.earlier.map((e) => ({ ...e, on: move(e.on) })) } : {}),
    },
  };
};

describe.each(
  HIVE_KIND_NAMES.flatMap(
    (kind) =>
      [
        ['south', kind],
        ['north', kind],
      ] as [Hemisphere, HiveKindName][],
  ),
)('in the %s, a %s', (hemisphere, kind) => {
  it.each(byKind(kind))('%s', (_, change, verdict, decidedBy, says) => {
    const startedDaysAgo = change.startedDaysAgo;
    // The north's season begins in January: a colony of fifteen days is in its first one in both.
    const facts = situation(kind, hemisphere, {
      ...(hemisphere === 'north' ? inNorth(change) : change),
      ...(startedDaysAgo === undefined ? {} : { startedDaysAgo }),
    });
    const judged = judgeComb(facts);
    expect({ verdict: judged.verdict, decidedBy: judged.decidedBy }).toEqual({
      verdict,
      decidedBy,
    });
    expect(judged.headline).toMatch(says);
    expect(judged.findings[0].question).toBe(decidedBy);
  });
});

describe('what only some kinds know', () => {
  it.each<Row & { 5?: HiveKindName }>([
    [
      'pots: none sealed',
      { comb: { pots: { honeySealed: 0, honeyOpen: 5, pollen: 1, empty: 0 } } },
      'leave',
      'enough',
      /No sealed pots/,
    ],
    [
      'pots: one sealed, half stay',
      { comb: { pots: { honeySealed: 1, honeyOpen: 0, pollen: 0, empty: 0 } } },
      'leave',
      'theirs',
      /none can be spared/,
    ],
    ['pots: half of them stay', {}, 'take', 'ripe', /At most 6 of 12 sealed pots/],
    [
      'pots: the household keeps nothing back',
      { rules: { potsStayPercent: 0 } },
      'take',
      'ripe',
      /At most 12 of 12/,
    ],
    [
      'pots: a weak colony',
      { facts: [[5, { kind: 'strength', strength: 'weak' }]] },
      'leave',
      'season',
      /weak/,
    ],
    [
      'pots: weakness noted long ago counts no longer',
      { facts: [[60, { kind: 'strength', strength: 'weak' }]] },
      'take',
      'ripe',
      /./,
    ],
    [
      'pots: six weeks before winter',
      { date: '2026-04-20' },
      'leave',
      'season',
      /Winter begins in 42 days/,
    ],
    ['pots: in winter', { date: '2026-07-05' }, 'leave', 'season', /It is winter/],
    ['pots: drawn ten months ago', { potsDrawnDaysAgo: 300 }, 'leave', 'season', /once a year/],
    ['pots: drawn a year ago', { potsDrawnDaysAgo: 366 }, 'take', 'ripe', /./],
    ['pots: no winter need is asked', { stores: null }, 'take', 'ripe', /./],
    [
      'pots: 28 % water is no fault of theirs',
      { comb: { samples: drops([28]) } },
      'take',
      'ripe',
      /./,
    ],
  ])('stingless, %s', (_, change, verdict, decidedBy, says) => {
    const judged = judgeComb(situation('stingless', 'south', change));
    expect([judged.verdict, judged.decidedBy]).toEqual([verdict, decidedBy]);
    expect(judged.headline).toMatch(says);
  });

  it.each<[string, Change, 'yes' | 'no' | 'unknown', RegExp]>([
    ['all known', {}, 'yes', /96 % capped where least/],
    [
      'tilt never measured',
      { facts: [[1, { kind: 'flow', flow: 'some', endsOn: null }]] },
      'unknown',
      /Tilt not measured/,
    ],
    [
      'tilt too small',
      {
        facts: [
          [1, { kind: 'tilt', degrees: 1 }],
          [1, { kind: 'flow', flow: 'some', endsOn: null }],
        ],
      },
      'no',
      /Tilt 1°/,
    ],
    [
      'the hive was moved since',
      {
        facts: [
          [9, { kind: 'tilt', degrees: 4 }],
          [2, { kind: 'moved' }],
          [1, { kind: 'flow', flow: 'some', endsOn: null }],
        ],
      },
      'unknown',
      /Tilt unknown, last known/,
    ],
    [
      'tilt of more than a year ago',
      {
        facts: [
          [400, { kind: 'tilt', degrees: 4 }],
          [1, { kind: 'flow', flow: 'some', endsOn: null }],
        ],
      },
      'unknown',
      /last known 16 Dec 2024/,
    ],
    [
      'a dearth',
      {
        facts: [
          [9, { kind: 'tilt', degrees: 4 }],
          [1, { kind: 'flow', flow: 'none', endsOn: null }],
        ],
      },
      'no',
      /robbing/,
    ],
    [
      'a flow noted a month ago',
      {
        facts: [
          [9, { kind: 'tilt', degrees: 4 }],
          [30, { kind: 'flow', flow: 'some', endsOn: null }],
        ],
      },
      'unknown',
      /Forage unknown, last known/,
    ],
    [
      '92 % where the rule asks 100',
      {
        rules: { ripeDrainPercent: 100 },
        comb: { sides: { A: face(0.92, 0.08), B: face(1) } },
        facts: [
          [9, { kind: 'tilt', degrees: 4 }],
          [1, { kind: 'flow', flow: 'some', endsOn: null }],
        ],
      },
      'no',
      /92 % capped where least/,
    ],
  ])('drain frame, %s', (_, change, answer, says) => {
    const known: Change['facts'] = [
      [9, { kind: 'tilt', degrees: 4 }],
      [1, { kind: 'flow', flow: 'some', endsOn: null }],
    ];
    const facts = situation('drain-frame', 'south', { facts: known, ...change });
    const finding = findingsOf(facts).find((f) => f.question === 'drain-in-place')!;
    expect(finding.answer).toBe(answer);
    expect(finding.sentence).toMatch(says);
  });
});

describe('what is said is what was measured', () => {
  const headline = (change: Change, kind: HiveKindName = 'top-bar'): string =>
    judgeComb(situation(kind, 'south', change)).headline;
  it('never rounds up, and says how much is short', () => {
    expect(headline({ comb: { sides: { A: face(0.638, 0.362), B: face(0.638, 0.362) } } })).toMatch(
      /^63 % capped, house rule asks 80 %: 17 short/,
    );
    expect(
      headline({ comb: { sides: { A: face(0.7999, 0.2001), B: face(0.7999, 0.2001) } } }),
    ).toMatch(/^79 % capped, house rule asks 80 %: 1 short/);
  });
  it('says the time of year with the need', () => {
    expect(headline({ stores: null, date: '2026-04-20' })).toMatch(/Winter begins in 42 days/);
    expect(headline({ stores: null, date: '2026-07-05' })).toMatch(/It is winter/);
    expect(
      headline({ stores: null, facts: [[2, { kind: 'flow', flow: 'none', endsOn: null }]] }),
    ).toMatch(/dearth/);
  });
  it('names the age of every fact it rests on', () => {
    const facts = situation('top-bar', 'south', { facts: [] });
    const old = { ...facts, date: addDays(facts.date, 30) };
    const healthy = findingsOf(old).find((f) => f.question === 'healthy')!;
    expect(healthy).toMatchObject({ answer: 'unknown', weight: 'advises' });
    expect(healthy.sentence).toMatch(/last known 17 Jan 2026/);
    expect(healthy.restsOn).toEqual([
      { fact: 'brood-check', on: '2026-01-17', ageDays: 33, stale: true },
    ]);
  });
  it('stingless honey never keeps, and honey above the limit never does', () => {
    const keeping = (kind: HiveKindName, percent: number) =>
      findingsOf(situation(kind, 'south', { comb: { samples: drops([percent]) } })).find(
        (f) => f.question === 'keeping',
      )!;
    expect(keeping('stingless', 16).answer).toBe('no');
    expect(keeping('top-bar', 16.9).answer).toBe('yes');
    expect(keeping('top-bar', 20.1).answer).toBe('no');
  });
});

describe('the fold', () => {
  it('has a row for every finding that may decide, and none for advice', () => {
    const seen = new Set<string>();
    for (const kind of HIVE_KIND_NAMES)
      for (const [, change] of byKind(kind))
        for (const f of findingsOf(situation(kind, 'south', change))) {
          expect(QUESTIONS).toContain(f.question);
          expect(f.sentence).toMatch(/^[^a-z].*[.…]$/s);
          const isTaken = f.question === 'ripe' && f.answer === 'yes';
          if (isTaken || (f.weight !== 'forbids' && f.weight !== 'decides')) continue;
          const row = FOLD.find(
            (r) => r.question === f.question && r.answer === f.answer && r.weight === f.weight,
          );
          expect(row, `${f.question} ${f.answer} ${f.weight}`).toBeDefined();
          seen.add(`${f.question} ${f.answer} ${f.weight}`);
        }
    expect(seen.size).toBeGreaterThanOrEqual(FOLD.length - 1);
  });
});
