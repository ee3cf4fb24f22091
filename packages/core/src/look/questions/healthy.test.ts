import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, DAY, situation } from '../../../fixtures/situations.js';
import { addDays } from '../../units/dates.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { healthy } from './healthy.js';

type Row = [
  name: string,
  change: Change,
  answer: Finding['answer'],
  weight: Finding['weight'],
  keys: string[],
];
const unchecked = { neverChecked: true };

describe('whether the bees are healthy', () => {
  it.each<Row>([
    ['checked lately', {}, 'yes', 'notes', ['look.healthy.healthy']],
    ['never checked', unchecked, 'unknown', 'advises', ['look.healthy.never-checked']],
    [
      'the brood looked sick',
      { ...unchecked, facts: [[6, { kind: 'brood-check', result: 'sick' }]] },
      'no',
      'forbids',
      ['look.healthy.sick', 'look.healthy.ask'],
    ],
    [
      'an inspector found disease',
      { ...unchecked, facts: [[6, { kind: 'inspector', said: 'disease' }]] },
      'no',
      'forbids',
      ['look.healthy.disease', 'look.healthy.ask'],
    ],
    [
      'nobody was sure',
      { ...unchecked, facts: [[6, { kind: 'brood-check', result: 'unsure' }]] },
      'unknown',
      'decides',
      ['look.healthy.unsure'],
    ],
    [
      'checked so long ago that it counts no more',
      { ...unchecked, facts: [[300, { kind: 'brood-check', result: 'healthy' }]] },
      'unknown',
      'advises',
      ['look.healthy.last-known'],
    ],
  ])('%s', (_, change, answer, weight, keys) => {
    const found = healthy(situation('top-bar', 'south', change));
    expect([found.answer, found.weight]).toEqual([answer, weight]);
    expect(keysOf(found.sentence)).toEqual(keys);
  });

  it('sick does not age away', () => {
    const facts: Change['facts'] = [[300, { kind: 'brood-check', result: 'sick' }]];
    const found = healthy(situation('top-bar', 'south', { ...unchecked, facts }));
    expect(found.answer).toBe('no');
    expect(found.restsOn.map((r) => r.stale)).toEqual([false]);
    expect(standsIn(found.sentence, 'look.healthy.sick')).toEqual({
      on: { date: addDays(DAY.south, -300) },
    });
  });

  it('the graver counts of this colony and of those its comb hung with before', () => {
    const carriedHealth = { state: 'sick', on: '2025-12-01', by: 'brood-check' } as const;
    const found = healthy(situation('top-bar', 'south', { comb: { carriedHealth } }));
    expect(found).toMatchObject({ answer: 'no', weight: 'forbids' });
  });
});
