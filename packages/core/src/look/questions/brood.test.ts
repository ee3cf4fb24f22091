import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, DAY, face, situation } from '../../../fixtures/situations.js';
import { addDays } from '../../units/dates.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { brood } from './brood.js';

const BROOD = face(0.5, 0.2, { brood: 0.2 });
const CLEAN = face(0.9, 0.1);
type Row = [
  name: string,
  change: Change,
  answer: Finding['answer'],
  weight: Finding['weight'],
  keys: string[],
];

describe('whether brood is in it', () => {
  it.each<Row>([
    ['none on either side', {}, 'no', 'notes', ['look.brood.none', 'look.brood.queen-not-seen']],
    [
      'none, the queen seen lately',
      { facts: [[4, { kind: 'queen', seen: true }]] },
      'no',
      'notes',
      ['look.brood.none', 'look.brood.queen-seen'],
    ],
    [
      'on one side',
      { comb: { sides: { A: CLEAN, B: BROOD } } },
      'yes',
      'forbids',
      ['look.brood.live'],
    ],
    [
      'drone brood',
      { comb: { sides: { A: BROOD, B: CLEAN }, droneShare: 0.8 } },
      'yes',
      'forbids',
      ['look.brood.drone'],
    ],
    [
      'one side seen',
      { comb: { sides: { A: CLEAN, B: null } } },
      'unknown',
      'notes',
      ['look.brood.none-on-side', 'look.brood.queen-not-seen'],
    ],
    [
      'nothing seen',
      { comb: { sides: { A: null, B: null } } },
      'unknown',
      'notes',
      ['look.brood.not-seen', 'look.brood.queen-not-seen'],
    ],
    [
      'it carried brood, and such comb stays',
      { comb: { combAge: 'brood-used' }, rules: { takeBroodUsedComb: false } },
      'yes',
      'decides',
      ['look.brood.used'],
    ],
    [
      'it carried brood, and the household takes it',
      { comb: { combAge: 'brood-used' }, rules: { takeBroodUsedComb: true } },
      'no',
      'notes',
      ['look.brood.none', 'look.brood.queen-not-seen'],
    ],
    [
      'dead brood of a colony that is gone',
      {
        facts: [[2, { kind: 'alive', alive: false }]],
        comb: { sides: { A: BROOD, B: CLEAN } },
      },
      'yes',
      'forbids',
      ['look.brood.dead'],
    ],
  ])('%s', (_, change, answer, weight, keys) => {
    const found = brood(situation('top-bar', 'south', change));
    expect([found.answer, found.weight]).toEqual([answer, weight]);
    expect(keysOf(found.sentence)).toEqual(keys);
  });

  it('names the side it is on, and its share of what was seen', () => {
    const found = brood(situation('top-bar', 'south', { comb: { sides: { A: CLEAN, B: BROOD } } }));
    expect(standsIn(found.sentence, 'look.brood.live')).toEqual({
      side: 'B',
      share: { percent: 10 },
    });
  });

  it('one cell of it is one percent, never none', () => {
    const few = face(0.9, 0.098, { brood: 0.002 });
    const found = brood(situation('top-bar', 'south', { comb: { sides: { A: few, B: CLEAN } } }));
    expect(standsIn(found.sentence, 'look.brood.live')?.share).toEqual({ percent: 1 });
  });

  it('says when the queen was seen', () => {
    const facts: Change['facts'] = [[4, { kind: 'queen', seen: true }]];
    const found = brood(situation('top-bar', 'south', { facts }));
    expect(standsIn(found.sentence, 'look.brood.queen-seen')).toEqual({
      on: { date: addDays(DAY.south, -4) },
    });
  });
});
