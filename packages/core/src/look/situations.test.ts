import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { type Change, drops, face, situation } from '../../fixtures/situations.js';
import { type Hemisphere, HIVE_KIND_NAMES, type HiveKindName } from '../records/vocabulary/hive.js';
import { addDays } from '../units/dates.js';
import { QUESTIONS } from '../records/vocabulary/verdict.js';
import { FOLD } from './fold.js';
import { findingsOf, judgeComb } from './judgeComb.js';
import { ALL_BEES, type Row } from '../../fixtures/situationsOfAll.js';
import { HONEYBEES } from '../../fixtures/situationsOfHoneybees.js';

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
      'look.enough.no-pots',
    ],
    [
      'pots: one sealed, half stay',
      { comb: { pots: { honeySealed: 1, honeyOpen: 0, pollen: 0, empty: 0 } } },
      'leave',
      'theirs',
      'look.theirs.their-pots',
    ],
    [
      'pots: half of them stay',
      {},
      'take',
      'ripe',
      'look.theirs.spare-pots {spare: 6, sealed: 12, share: {percent: 50}}',
    ],
    [
      'pots: the household keeps nothing back',
      { rules: { potsStayPercent: 0 } },
      'take',
      'ripe',
      'look.theirs.spare-pots {spare: 12, sealed: 12, share: {percent: 0}}',
    ],
    [
      'pots: a weak colony',
      { facts: [[5, { kind: 'strength', strength: 'weak' }]] },
      'leave',
      'season',
      'look.season.weak',
    ],
    [
      'pots: weakness noted long ago counts no longer',
      { facts: [[60, { kind: 'strength', strength: 'weak' }]] },
      'take',
      'ripe',
      'look.ripe.',
    ],
    [
      'pots: six weeks before winter',
      { date: '2026-04-20' },
      'leave',
      'season',
      'look.season.before-winter {days: 42',
    ],
    ['pots: in winter', { date: '2026-07-05' }, 'leave', 'season', 'look.season.winter'],
    [
      'pots: drawn ten months ago',
      { potsDrawnDaysAgo: 300 },
      'leave',
      'season',
      'look.season.yearly',
    ],
    ['pots: drawn a year ago', { potsDrawnDaysAgo: 366 }, 'take', 'ripe', 'look.ripe.'],
    ['pots: no winter need is asked', { stores: null }, 'take', 'ripe', 'look.ripe.'],
    [
      'pots: 28 % water is no fault of theirs',
      { comb: { samples: drops([28]) } },
      'take',
      'ripe',
      'look.ripe.',
    ],
  ])('stingless, %s', (_, change, verdict, decidedBy, says) => {
    const judged = judgeComb(situation('stingless', 'south', change));
    expect([judged.verdict, judged.decidedBy]).toEqual([verdict, decidedBy]);
    expect(judged.headline).toMatch(says);
  });

  it.each<[string, Change, 'yes' | 'no' | 'unknown', string]>([
    ['all known', {}, 'yes', 'look.drainInPlace.safe {capped: {percent: 96}}'],
    [
      'tilt never measured',
      { facts: [[1, { kind: 'flow', flow: 'some', endsOn: null }]] },
      'unknown',
      'look.drainInPlace.tilt-not-measured',
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
      'look.drainInPlace.tilt {degrees: 1, asked: 3}',
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
      'look.drainInPlace.tilt-last-known',
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
      'look.drainInPlace.tilt-last-known {on: {date: 2024-12-16}, asked: 3}',
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
      'look.drainInPlace.dearth',
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
      'look.drainInPlace.forage-last-known',
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
      'look.drainInPlace.caps {capped: {percent: 92}, asked: {percent: 100}}',
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
    said(judgeComb(situation(kind, 'south', change)).headline);
  it('never rounds up, and says how much is short', () => {
    expect(headline({ comb: { sides: { A: face(0.638, 0.362), B: face(0.638, 0.362) } } })).toMatch(
      'look.ripe.short {capped: look.ripe.capped {capped: {percent: 63}, need: {percent: 80}}}',
    );
    expect(
      headline({ comb: { sides: { A: face(0.7999, 0.2001), B: face(0.7999, 0.2001) } } }),
    ).toMatch(
      'look.ripe.short {capped: look.ripe.capped {capped: {percent: 79}, need: {percent: 80}}}',
    );
  });
  it('says the time of year with the need', () => {
    expect(headline({ stores: null, date: '2026-04-20' })).toMatch(
      'look.theirs.near-winter {days: 42}',
    );
    expect(headline({ stores: null, date: '2026-07-05' })).toMatch('look.theirs.in-winter');
    expect(
      headline({ stores: null, facts: [[2, { kind: 'flow', flow: 'none', endsOn: null }]] }),
    ).toMatch('look.theirs.dearth');
  });
  it('names the age of every fact it rests on', () => {
    const facts = situation('top-bar', 'south', { facts: [] });
    const old = { ...facts, date: addDays(facts.date, 30) };
    const healthy = findingsOf(old).find((f) => f.question === 'healthy')!;
    expect(healthy).toMatchObject({ answer: 'unknown', weight: 'advises' });
    expect(healthy.sentence).toMatch('look.healthy.last-known {on: {date: 2026-01-17}}');
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
