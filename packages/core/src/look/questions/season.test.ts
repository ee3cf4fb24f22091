import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, situation } from '../../../fixtures/situations.js';
import type { HiveKindName } from '../../records/vocabulary/hive.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { season, springFrom } from './season.js';

type Row = [
  name: string,
  kind: HiveKindName,
  change: Change,
  answer: Finding['answer'],
  rule: string,
  key: string,
];

describe('whether honey may be taken this season', () => {
  it.each<Row>([
    ['an old colony', 'top-bar', {}, 'yes', 'rule-first', 'nothing-against'],
    [
      'a colony in its first season',
      'top-bar',
      { startedDaysAgo: 40, rules: { takeInFirstSeason: false } },
      'no',
      'rule-first',
      'first-keeps',
    ],
    [
      'the same, where the rules allow it',
      'top-bar',
      { startedDaysAgo: 40, rules: { takeInFirstSeason: true } },
      'yes',
      'rule-first',
      'first-allowed',
    ],
    [
      'only once in spring',
      'top-bar',
      { rules: { harvestWhen: 'spring' } },
      'no',
      'rule-spring',
      'spring',
    ],
    [
      'only from dead colonies',
      'top-bar',
      { rules: { harvestWhen: 'dead-outs' } },
      'no',
      'rule-dead',
      'dead-only',
    ],
    [
      'only in the main flow, and a dearth was noted',
      'top-bar',
      {
        rules: { harvestWhen: 'flow' },
        facts: [[2, { kind: 'flow', flow: 'none', endsOn: null }]],
      },
      'no',
      'rule-flow',
      'flow',
    ],
    [
      'pots of a weak colony',
      'stingless',
      { facts: [[2, { kind: 'strength', strength: 'weak' }]] },
      'no',
      'rule-weak',
      'weak',
    ],
    ['pots in winter', 'stingless', { date: '2026-07-05' }, 'no', 'rule-winter', 'winter'],
    [
      'pots a few weeks before winter',
      'stingless',
      { date: '2026-05-10', rules: { potsWeeksBeforeWinter: 8 } },
      'no',
      'rule-before-winter',
      'before-winter',
    ],
    [
      'pots drawn half a year ago',
      'stingless',
      { potsDrawnDaysAgo: 180 },
      'no',
      'rule-yearly',
      'yearly',
    ],
    [
      'pots drawn more than a year ago',
      'stingless',
      { potsDrawnDaysAgo: 366 },
      'yes',
      'rule-first',
      'nothing-against',
    ],
  ])('%s', (_, kind, change, answer, rule, key) => {
    const found = season(situation(kind, 'south', change));
    expect(found.answer).toBe(answer);
    expect(found.rule.key).toBe(`look.season.${rule}`);
    expect(keysOf(found.sentence)).toEqual([`look.season.${key}`]);
  });

  it('says from which day on pots may be drawn again', () => {
    const found = season(situation('stingless', 'south', { potsDrawnDaysAgo: 180 }));
    expect(standsIn(found.sentence, 'look.season.yearly')).toEqual({
      on: { date: '2025-07-24' },
      from: { date: '2026-07-24' },
    });
  });

  it.each([
    ['2026-01-20', 'south', '2026-09-01'],
    ['2026-10-02', 'south', '2026-09-01'],
    ['2026-12-01', 'south', '2027-09-01'],
    ['2026-01-20', 'north', '2026-03-01'],
    ['2026-06-01', 'north', '2027-03-01'],
  ] as const)('on %s in the %s the spring is from %s', (date, hemisphere, from) => {
    expect(springFrom(date, hemisphere)).toBe(from);
  });
});
