import fc from 'fast-check';
import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { harvestCautions } from '../ready/index.js';
import { HIVE_KIND_NAMES, type HiveKindName } from '../records/vocabulary/hive.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { stingRules } from './progress.js';
import { ALONE } from './visit.js';
import type { TakeInput } from './step.js';
import { takeSteps } from './steps.js';
import { tareCheck } from './tareCheck.js';
import type { Way } from '../records/vocabulary/ways.js';

const PLACES: Record<HiveKindName, number[]> = {
  'top-bar': [11, 14, 12],
  warre: [301, 302, 303],
  'pile-box': [401, 402],
  framed: [202, 203],
  'cut-comb': [203, 204],
  'drain-frame': [202, 203],
  stingless: [201, 202],
};
const OWN_WAYS: Partial<Record<HiveKindName, Way>> = {
  'drain-frame': 'drain-hive',
  stingless: 'draw-pots',
};
const input = (kind: HiveKindName, change: Partial<TakeInput> = {}): TakeInput => ({
  kind,
  way: OWN_WAYS[kind] ?? 'crush',
  places: PLACES[kind],
  lastCombPlace: Math.max(...PLACES[kind]),
  wholeBoxes: [],
  rules: DEFAULT_RULES,
  temper: null,
  visit: ALONE,
  unsmoked: false,
  alive: true,
  dearth: false,
  siteNotes: [],
  sheet: null,
  unseen: [],
  excluder: true,
  tiltDegrees: null,
  tiltIsToday: false,
  supportsMm: 480,
  floor: null,
  boxKg: { 2: 9, 3: 9, 4: 9 },
  ...change,
});
const ids = (kind: HiveKindName, change: Partial<TakeInput> = {}): string[] =>
  takeSteps(input(kind, change)).map((s) => s.id);
const allSaid = (kind: HiveKindName, change: Partial<TakeInput> = {}): string =>
  said(takeSteps(input(kind, change)))
    .map((s) =>
      [
        s.title,
        s.text,
        s.caution ?? '',
        ...(s.checks ?? []).map((c) => `${c.text} ${c.ifNot}`),
      ].join(' '),
    )
    .join('\n');

describe('a hive opened without the smoke that was due', () => {
  it('waits by the light instead, has no smoker to put out, and pauses after half the stings', () => {
    const nervous = { temper: 'nervous' as const };
    expect(ids('top-bar', nervous)).toEqual(expect.arrayContaining(['wait', 'smoke-2', 'wait-2']));
    const unsmoked = ids('top-bar', { ...nervous, unsmoked: true });
    expect(unsmoked.slice(0, 4)).toEqual(['ready', 'smoke', 'air-wait', 'board']);
    expect(unsmoked).not.toContain('smoke-2');
    expect(allSaid('top-bar')).toContain('take.step.smother-smoker-and-see-that');
    expect(allSaid('top-bar', { unsmoked: true })).not.toContain('smother-smoker');
    const mark = { stepId: 'smoke', answer: { unsmoked: true } };
    const rules = { stingsPause: 5, stingsStop: 9 };
    expect(stingRules(rules, [mark])).toEqual({ stingsPause: 3, stingsStop: 9 });
    expect(stingRules(rules, [{ stepId: 'smoke', answer: {} }])).toEqual(rules);
  });
});

describe('steps at the hive, kind by kind', () => {
  it.each<[HiveKindName, Partial<TakeInput>, string[]]>([
    [
      'top-bar',
      {},
      [
        'ready',
        'smoke',
        'wait',
        'board',
        'comb-14',
        'comb-12',
        'comb-11',
        'return',
        'shut',
        'look-back',
      ],
    ],
    [
      'top-bar',
      { temper: 'defensive' },
      [
        'ready',
        'smoke',
        'wait',
        'smoke-2',
        'wait-2',
        'board',
        'comb-14',
        'comb-12',
        'comb-11',
        'return',
        'shut',
        'look-back',
      ],
    ],
    [
      'top-bar',
      { temper: 'calm' },
      [
        'ready',
        'air',
        'air-wait',
        'board',
        'comb-14',
        'comb-12',
        'comb-11',
        'return',
        'shut',
        'look-back',
      ],
    ],
    [
      'top-bar',
      { alive: false },
      ['ready', 'board', 'comb-14', 'comb-12', 'comb-11', 'return', 'shut', 'look-back'],
    ],
    [
      'warre',
      {},
      ['ready', 'smoke', 'wait', 'comb-303', 'comb-302', 'comb-301', 'shut', 'look-back'],
    ],
    [
      'warre',
      { wholeBoxes: [3] },
      [
        'ready',
        'smoke',
        'wait',
        'down-3',
        'part-3',
        'turn-3',
        'box-3',
        'shut',
        'walk',
        'cut-3',
        'empty-3',
        'look-back',
      ],
    ],
    [
      'pile-box',
      {},
      [
        'ready',
        'smoke',
        'wait',
        'down-4',
        'part-4',
        'turn-4',
        'box-4',
        'shut',
        'walk',
        'walls-4',
        'crossbars-4',
        'empty-4',
        'look-back',
      ],
    ],
    [
      'framed',
      {},
      ['ready', 'smoke', 'wait', 'open', 'comb-203', 'comb-202', 'places', 'shut', 'look-back'],
    ],
    [
      'cut-comb',
      {},
      ['ready', 'smoke', 'wait', 'below', 'comb-204', 'comb-203', 'still', 'shut', 'look-back'],
    ],
    [
      'cut-comb',
      { rules: { ...DEFAULT_RULES, beesOff: 'repellent' } },
      [
        'ready',
        'smoke',
        'wait',
        'below',
        'board',
        'blow',
        'comb-204',
        'comb-203',
        'still',
        'shut',
        'look-back',
      ],
    ],
    ['drain-frame', {}, ['ready', 'tilt', 'checks', 'frames', 'tray-look', 'shut', 'look-back']],
    [
      'drain-frame',
      { unseen: [202], excluder: false },
      ['ready', 'test', 'tilt', 'checks', 'frames', 'tray-look', 'shut', 'look-back'],
    ],
    [
      'drain-frame',
      { way: 'drain-off' },
      [
        'ready',
        'smoke',
        'wait',
        'off',
        'shut',
        'tilt',
        'checks',
        'frames',
        'tray-look',
        'back-on',
        'look-back',
      ],
    ],
    ['stingless', {}, ['ready', 'open', 'comb-201', 'comb-202', 'torn', 'shut', 'look-back']],
  ])('%s %j', (kind, change, expected) => expect(ids(kind, change)).toEqual(expected));

  it.each<[HiveKindName, Partial<TakeInput>, string[]]>([
    [
      'top-bar',
      {},
      [
        'take.stepsBars.cut-it-from-both-walls',
        'take.stepsBars.take-out-follower-board',
        'take.stepsBars.bars-with-comb-in-their',
      ],
    ],
    [
      'warre',
      { wholeBoxes: [3] },
      [
        'take.stepsBars.quilt-off-little-smoke-from',
        'take.stepsBars.tip-it-on-its-side',
        'take.stepsBars.both-walls-of-each',
        'take.step.about {kg: {massG: 9000, as: whole}, kg2: }',
      ],
    ],
    [
      'pile-box',
      {},
      [
        'take.stepsBars.cut-along-all-four-walls',
        'take.stepsBars.along-each-crossbar-from-both',
        'take.stepsBars.turn-it-over-look-from',
      ],
    ],
    ['pile-box', { way: 'drip-press' }, ['take.stepsBars.drip-first-then-press']],
    [
      'framed',
      {},
      [
        'take.stepsFrames.cut-it-out-below-top',
        'take.stepsFrames.frame-goes-back-at-once',
        'take.stepsFrames.as-many-frames-in-as',
      ],
    ],
    ['framed', { sheet: 'plastic' }, ['take.stepsFrames.scrape-comb-off-sheet-over']],
    [
      'cut-comb',
      { rules: { ...DEFAULT_RULES, beesOff: 'repellent' } },
      [
        'take.stepsFrames.repellent-board-aslant',
        'take.stepsFrames.on-its-end-on-stand',
        'take.stepsFrames.carry-it-so-that-combs',
        'take.stepsFrames.only-what-permitted-where-you',
      ],
    ],
    [
      'drain-frame',
      { dearth: true },
      [
        'take.stepsFrames.spill-tray-in-its-upper',
        'take.stepsFrames.floor-closed',
        'take.stepsFrames.caps-out-outlets',
        'take.stepsFrames.vessels-covered-with-gap-for',
        'take.stepsFrames.once-opened-frame-runs-until',
        'take.stepsFrames.toward-outlets-at-least {tilt: take.stepsFrames.over {degrees: 3, ' +
          'mm: {lengthMm: 25}, supportsMm: {lengthMm: 480}}}',
      ],
    ],
    [
      'stingless',
      {},
      [
        'take.stepsFrames.cut-propolis-round-it-brood',
        'take.stepsFrames.pierce-lid-each-sealed-pot',
        'take.stepsFrames.torn-pots-are-out',
        'take.stepsFrames.suction-bottle-or-sieve-and',
        'take.step.native-bees-are-protected-by',
        'take.stepsFrames.honey-into-cold-now-under',
      ],
    ],
    [
      'stingless',
      { rules: { ...DEFAULT_RULES, potsBy: 'tip' } },
      ['take.stepsFrames.pierce-sealed-pots-tip-super'],
    ],
  ])('%s says what matters', (kind, change, words) => {
    for (const word of words) expect(allSaid(kind, change)).toMatch(word);
  });

  it('warns of the weight over the house limit, never closes an entrance, never shakes unframed comb', () => {
    expect(allSaid('pile-box', { boxKg: { 4: 17.2 } })).toMatch(
      'take.step.about {kg: {massG: 18000, as: whole}, ' +
        'kg2: take.step.two-people-over-your {liftKg: {massG: 15000, as: whole}}}',
    );
    expect(allSaid('top-bar', { rules: { ...DEFAULT_RULES, beesOff: 'shake' } })).toMatch(
      'take.step.brush-this-comb-has-no',
    );
  });
  it('the same input gives the same ids, each once, for any places', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...HIVE_KIND_NAMES),
        fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 8 }),
        (kind, list) => {
          const places = kind === 'top-bar' ? list : list.map((p) => 200 + p);
          const steps = takeSteps(input(kind, { places, lastCombPlace: Math.max(...places) }));
          expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
          expect(steps.map((s) => s.id)).toEqual(
            ids(kind, { places, lastCombPlace: Math.max(...places) }),
          );
          expect(steps.at(-1)!.kind).toBe('after');
          // Every place chosen is in exactly one step that takes it.
          const covered = steps.flatMap((s) => {
            if (s.kind === 'unit') return [s.slot!];
            return s.kind === 'frames' || s.id.startsWith('empty-') ? [...s.slots!] : [];
          });
          expect([...covered].sort((a, b) => a - b)).toEqual([...places].sort((a, b) => a - b));
          for (const s of steps) expect(s.done.key).toMatch(/^take\./);
        },
      ),
    );
    expect(takeSteps(input('top-bar', { places: [] }))).toEqual([]);
  });
  it('asks to slide bars aside only where some stand behind', () => {
    expect(allSaid('top-bar', { places: [14], lastCombPlace: 14 })).not.toContain(
      'slide-bars-behind',
    );
    expect(allSaid('top-bar', { places: [14], lastCombPlace: 17 })).toMatch(
      'take.stepsBars.slide-bars-behind-back-or {bars: 14}',
    );
  });
});

describe('the tare check', () => {
  it('always computes gross less tare, whatever it asks', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40_000 }),
        fc.integer({ min: 0, max: 10_000 }),
        fc.option(fc.integer({ min: 0, max: 5000 }), { nil: null }),
        (grossG, tareG, vesselTareG) => {
          const result = tareCheck({
            grossG,
            tareG,
            vesselTareG,
            expectedKg: { low: 1.5, mid: 2, high: 2.5 },
          });
          expect(result.netG).toBe(grossG - tareG);
          expect(result.question === 'tare-above-gross').toBe(tareG > grossG);
        },
      ),
    );
  });
  it('asks nothing where nothing is expected', () =>
    expect(
      tareCheck({ grossG: 50_000, tareG: 0, vesselTareG: null, expectedKg: null }).question,
    ).toBeNull());
});

describe('cautions', () => {
  const cautions = harvestCautions({
    way: 'crush',
    stingless: false,
    alive: true,
    dearth: false,
    defensive: false,
    repellent: false,
    liftLimitKg: 15,
    feelsC: null,
    heatLimitC: 32,
    liftKg: 11.6,
  });
  it('say what the full tub weighs', () =>
    expect(cautions.find((c) => c.id === 'lift')!.text).toMatch(
      'ready.cautions.full-tub-weighs-about {liftKg: {massG: 11600, as: whole}}',
    ));
  it('say whom to ask', () => {
    for (const id of ['stings', 'sick', 'selling', 'treated'])
      expect(cautions.find((c) => c.id === id)!.ask, id).toBeTruthy();
  });
  it('send people away from a mass attack, and never into water', () =>
    expect(cautions.find((c) => c.id === 'attack')!.text).toMatch(
      'ready.cautions.if-they-come-in-mass',
    ));
});

describe('drain frames by what was noted', () => {
  it('does not ask again for a tilt that was measured in Look today', () => {
    const asks = (change: Partial<TakeInput>): string | undefined =>
      takeSteps(input('drain-frame', change)).find((s) => s.id === 'tilt')!.asks;
    expect(asks({ tiltDegrees: 3.5, tiltIsToday: true })).toBeUndefined();
    expect(asks({ tiltDegrees: 3.5, tiltIsToday: false })).toBe('tilt');
    expect(asks({ tiltDegrees: 1, tiltIsToday: true })).toBe('tilt');
  });
  it.each([
    ['solid', 'take.stepsFrames.spill-tray-in-over-solid'],
    ['mesh', 'take.stepsFrames.dish-or-tray-under-mesh'],
    ['mesh-tray', 'take.stepsFrames.push-it-in-it-has'],
    ['tray-rim', /rim/],
  ] as const)('says of a %s floor what catches a leak', (floor, says) =>
    expect(allSaid('drain-frame', { floor })).toMatch(says),
  );
  it('lights the smoker for defensive bees, whatever the school', () => {
    const fresh = { ...DEFAULT_RULES, smoke: 'fresh-air' as const };
    expect(ids('top-bar', { rules: fresh, temper: 'calm' })).not.toContain('smoke');
    expect(ids('top-bar', { rules: fresh, temper: 'defensive' })).toContain('smoke');
    expect(ids('top-bar', { rules: fresh, temper: 'defensive', alive: false })).not.toContain(
      'smoke',
    );
  });
});
