import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, DAY, situation } from '../../../fixtures/situations.js';
import { addDays } from '../../units/dates.js';
import type { ColonyFact } from '../../records/colony.js';
import type { SupersOn } from '../../records/vocabulary/colony.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { treated } from './treated.js';

const treatment = (waitDays: number, supersOn: SupersOn): ColonyFact => ({
  kind: 'treatment',
  product: 'acid strips',
  waitDays,
  supersOn,
});
const OLD = { builtOn: addDays(DAY.south, -300) };
type Row = [
  name: string,
  change: Change,
  answer: Finding['answer'],
  weight: Finding['weight'],
  rule: string,
  key: string,
];

describe('whether a treatment bars it', () => {
  it.each<Row>([
    ['none was noted', {}, 'no', 'notes', 'rule', 'none'],
    [
      'its waiting time runs',
      { comb: OLD, facts: [[10, treatment(30, 'yes')]] },
      'yes',
      'forbids',
      'rule',
      'waiting',
    ],
    [
      'the leaflet allows no supers on',
      { comb: OLD, facts: [[40, treatment(5, 'no')]] },
      'yes',
      'forbids',
      'rule-supers',
      'barred',
    ],
    [
      'nobody read the leaflet',
      { comb: OLD, facts: [[40, treatment(5, 'unknown')]] },
      'unknown',
      'decides',
      'rule-unread',
      'unread',
    ],
    [
      'the leaflet allows it and the time is over',
      { comb: OLD, facts: [[40, treatment(5, 'yes')]] },
      'no',
      'notes',
      'rule',
      'allowed',
    ],
    [
      'built after it',
      { comb: { builtOn: addDays(DAY.south, -10) }, facts: [[60, treatment(5, 'no')]] },
      'no',
      'notes',
      'rule',
      'built-after',
    ],
  ])('%s', (_, change, answer, weight, rule, key) => {
    const found = treated(situation('top-bar', 'south', change));
    expect([found.answer, found.weight]).toEqual([answer, weight]);
    expect(found.rule.key).toBe(`look.treated.${rule}`);
    expect(keysOf(found.sentence)).toEqual([`look.treated.${key}`]);
  });

  it('names what was given, when, and until when it waits', () => {
    const facts: Change['facts'] = [[10, treatment(30, 'yes')]];
    const found = treated(situation('top-bar', 'south', { comb: OLD, facts }));
    expect(standsIn(found.sentence, 'look.treated.waiting')).toMatchObject({
      product: 'acid strips',
      on: { date: addDays(DAY.south, -10) },
      days: 30,
    });
    expect(found).toMatchObject({ unit: 'days', limit: 0 });
  });
});
