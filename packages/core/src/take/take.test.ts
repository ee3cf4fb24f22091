import fc from 'fast-check';
import { describe, it } from 'vitest';
import { english, expectInEnglish as expect } from '../../fixtures/english.js';
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
const said = (kind: HiveKindName, change: Partial<TakeInput> = {}): string =>
  english(takeSteps(input(kind, change)))
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
    expect(said('top-bar')).toContain('Smother the smoker');
    expect(said('top-bar', { unsmoked: true })).not.toContain('Smother');
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

  it.each<[HiveKindName, Partial<TakeInput>, RegExp[]]>([
    [
      'top-bar',
      {},
      [
        /from both walls/,
        /hangs free/,
        /Slide the bars behind 14|Take out the follower/,
        /without a gap/,
        /empty bars last/,
      ],
    ],
    [
      'warre',
      { wholeBoxes: [3] },
      [
        /Slowly: the queen goes with them/,
        /look at every comb from below before it is carried/,
        /Both walls of each comb before its bar is lifted/,
        /About 9 kg/,
      ],
    ],
    [
      'pile-box',
      {},
      [/all four walls/, /Along each crossbar, from both faces/, /look from beneath/],
    ],
    ['pile-box', { way: 'drip-press' }, [/Drip first, then press/]],
    [
      'framed',
      {},
      [
        /starter strip left|Cut it out below/,
        /frame goes back at once/i,
        /As many frames in as places/,
      ],
    ],
    ['framed', { sheet: 'plastic' }, [/Scrape the comb off the sheet/]],
    [
      'cut-comb',
      { rules: { ...DEFAULT_RULES, beesOff: 'repellent' } },
      [/aslant/, /top bars toward the blower/, /combs hang still/, /Only what is permitted/],
    ],
    [
      'drain-frame',
      { dearth: true },
      [
        /tray in its upper position/i,
        /Floor closed/,
        /Caps out/,
        /Vessels covered, with a gap for air/,
        /cannot be stopped/,
        /at least 3°, 25 mm over 480 mm/,
      ],
    ],
    [
      'stingless',
      {},
      [
        /brood below stays shut/,
        /sealed pot/,
        /Torn pots are out/,
        /No smoke/,
        /protected/,
        /cold/,
      ],
    ],
    ['stingless', { rules: { ...DEFAULT_RULES, potsBy: 'tip' } }, [/tip the super over its sieve/]],
  ])('%s says what matters', (kind, change, words) => {
    for (const word of words) expect(said(kind, change)).toMatch(word);
  });

  it('warns of the weight over the house limit, never closes an entrance, never shakes unframed comb', () => {
    expect(said('pile-box', { boxKg: { 4: 17.2 } })).toMatch(/About 18 kg: two people/);
    for (const kind of HIVE_KIND_NAMES)
      expect(said(kind, { dearth: true })).not.toMatch(/close the entrance|seal (it|the)/i);
    expect(said('top-bar', { rules: { ...DEFAULT_RULES, beesOff: 'shake' } })).toMatch(
      /would break when shaken/,
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
    expect(said('top-bar', { places: [14], lastCombPlace: 14 })).not.toMatch(
      /Slide the bars behind/,
    );
    expect(said('top-bar', { places: [14], lastCombPlace: 17 })).toMatch(
      /Slide the bars behind 14/,
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
    expect(cautions.find((c) => c.id === 'lift')!.text).toMatch(/about 12 kg/));
  it('say whom to ask, and never that honey is safe, legal or free of disease', () => {
    for (const id of ['stings', 'sick', 'selling', 'treated'])
      expect(cautions.find((c) => c.id === id)!.ask, id).toBeTruthy();
    for (const c of cautions) expect(c.text).not.toMatch(/\b(is|are) (safe|legal|disease-free)\b/i);
  });
  it('send people away from a mass attack, and never into water', () =>
    expect(cautions.find((c) => c.id === 'attack')!.text).toMatch(/never into water/));
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
    ['solid', /solid floor/],
    ['mesh', /under the mesh/],
    ['mesh-tray', /no rim/],
    ['tray-rim', /rim/],
  ] as const)('says of a %s floor what catches a leak', (floor, says) =>
    expect(said('drain-frame', { floor })).toMatch(says),
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
